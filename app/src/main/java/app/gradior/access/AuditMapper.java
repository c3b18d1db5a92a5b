package app.gradior.access;

import java.time.LocalDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

interface AuditMapper extends AccessTables {
    // Wide: columns of its table.
    @Insert("""
            insert into audit (kitchen_id, account_id, at, who, what, about)
            select k.id, #{accountId}, #{at}, #{who}, #{what}, #{about} from kitchen k where k.id = #{kitchenId}
            """)
    void note(
            @Param("kitchenId") long kitchenId,
            @Param("accountId") long accountId,
            @Param("at") LocalDateTime at,
            @Param("who") String who,
            @Param("what") Audit.What what,
            @Param("about") String about);

    @Select("""
            select id, at, who, what, about from audit
            where kitchen_id = #{kitchenId} and (#{before} = 0 or id < #{before}) order by id desc limit #{most}
            """)
    List<Audit.AuditRow> of(@Param("kitchenId") long kitchenId, @Param("before") long before, @Param("most") int most);

    @Delete("delete from audit where at < #{before} limit 10000")
    void forget(LocalDateTime before);
}
