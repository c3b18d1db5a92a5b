package app.gradior.room.book;

import app.gradior.kept.Inserted;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Sauces and their versions; a version is never changed once written. */
@Mapper
interface SauceMapper {
    @Insert("insert into sauce (kitchen_id, version) values (#{kitchenId}, 1)")
    @Options(useGeneratedKeys = true, keyProperty = "key.id")
    void insert(@Param("kitchenId") long kitchenId, @Param("key") Inserted key);

    @Insert("""
            insert into sauce_version (sauce_id, version, name, texture, target_step, served_c, use_of, yield_ml, tags, stages,
                schools, notes, measures, saved_at)
            values (#{id}, #{version}, #{name}, #{texture}, #{targetStep}, #{servedC}, #{useOf}, #{yieldMl}, #{tags},
                #{stages}, #{schools}, #{notes}, #{measures}, #{savedAt})
            """)
    void insertVersion(SauceVersion row);

    @Insert("""
            insert into sauce_line (sauce_id, version, position, text, food_id, mass_g)
            values (#{sauceId}, #{version}, #{position}, #{text}, #{foodId}, #{massG})
            """)
    void insertLine(SauceLine row);

    @Select("""
            select s.id, s.kitchen_id, v.version, v.name, v.texture, v.target_step, v.served_c, v.use_of, v.yield_ml, v.tags, v.stages, v.schools, v.notes, v.measures, v.saved_at
            from sauce s join sauce_version v on v.sauce_id = s.id and v.version = s.version
            where s.kitchen_id = #{kitchenId} order by v.name
            """)
    List<SauceVersion> sauces(long kitchenId);

    @Select("""
            select s.id, s.kitchen_id, v.version, v.name, v.texture, v.target_step, v.served_c, v.use_of, v.yield_ml, v.tags, v.stages, v.schools, v.notes, v.measures, v.saved_at
            from sauce s join sauce_version v on v.sauce_id = s.id and v.version = s.version
            where s.kitchen_id = #{kitchenId} and s.id = #{id}
            """)
    Optional<SauceVersion> find(@Param("kitchenId") long kitchenId, @Param("id") long id);

    @Select("""
            select s.id, s.kitchen_id, v.version, v.name, v.texture, v.target_step, v.served_c, v.use_of, v.yield_ml, v.tags, v.stages, v.schools, v.notes, v.measures, v.saved_at
            from sauce s join sauce_version v on v.sauce_id = s.id and v.version = #{version}
            where s.kitchen_id = #{kitchenId} and s.id = #{id}
            """)
    Optional<SauceVersion> findVersion(
            @Param("kitchenId") long kitchenId, @Param("id") long id, @Param("version") int version);

    @Select("""
            select l.sauce_id, l.version, l.position, l.text, l.food_id, l.mass_g
            from sauce_line l join sauce s on s.id = l.sauce_id
            where s.kitchen_id = #{kitchenId} and l.sauce_id = #{id} and l.version = #{version} order by l.position
            """)
    List<SauceLine> lines(@Param("kitchenId") long kitchenId, @Param("id") long id, @Param("version") int version);

    @Select("""
            select s.id, s.kitchen_id, v.version, v.name, v.texture, v.target_step, v.served_c, v.use_of, v.yield_ml, v.tags, v.stages, v.schools, v.notes, v.measures, v.saved_at
            from sauce s join sauce_version v on v.sauce_id = s.id
            where s.kitchen_id = #{kitchenId} and s.id = #{id} order by v.version desc
            """)
    List<SauceVersion> versions(@Param("kitchenId") long kitchenId, @Param("id") long id);

    /** When each sauce was last cooked; sauces never cooked are left out. */
    @Select("""
            select sauce_id, max(started_at) as last_at, count(*) as batches
            from batch where kitchen_id = #{kitchenId} and sauce_id is not null group by sauce_id
            """)
    List<LastCooked> cooked(long kitchenId);

    @Update("""
            update sauce set version = #{version}
            where id = #{id} and kitchen_id = #{kitchenId} and version = #{version} - 1
            """)
    int advance(@Param("kitchenId") long kitchenId, @Param("id") long id, @Param("version") int version);
}
