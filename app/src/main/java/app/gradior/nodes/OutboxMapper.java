package app.gradior.nodes;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Times are the database's own: nodes' clocks differ. */
@Mapper
interface OutboxMapper {
    @Insert("""
            insert into outbox (node, kind, kitchen_id, batch_id, event_id, who)
            values (#{node}, #{kind}, #{kitchenId}, #{batchId}, #{eventId}, #{who})
            """)
    void tell(Outbox.News news);

    @Select("""
            select id, node, kind, kitchen_id, batch_id, event_id, who from outbox
            where at > now(3) - interval #{lookBackS} second and node <> #{node} order by at, id
            """)
    List<Outbox.News> told(@Param("node") String node, @Param("lookBackS") int lookBackS);

    @Delete("delete from outbox where at < now(3) - interval #{keptS} second limit 10000")
    void forget(int keptS);
}
