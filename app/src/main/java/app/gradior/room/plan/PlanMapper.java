package app.gradior.room.plan;

import app.gradior.kept.Inserted;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Plans that are kept. */
@Mapper
interface PlanMapper {
    @Insert("""
            insert into plan (kitchen_id, sauce_id, name, revision, draft, serve_at, saved_at)
            values (#{row.kitchenId}, #{row.sauceId}, #{row.name}, 1, #{row.draft}, #{row.serveAt}, #{row.savedAt})
            """)
    @Options(useGeneratedKeys = true, keyProperty = "key.id")
    void insert(@Param("row") PlanRow row, @Param("key") Inserted key);

    @Update("""
            update plan set sauce_id = #{sauceId}, name = #{name}, draft = #{draft}, serve_at = #{serveAt}, saved_at = #{savedAt},
                revision = revision + 1
            where id = #{id} and kitchen_id = #{kitchenId} and revision = #{revision}
            """)
    int update(PlanRow row);

    @Update("update plan set ticks = #{ticks} where id = #{id} and kitchen_id = #{kitchenId}")
    int tick(@Param("kitchenId") long kitchenId, @Param("id") long id, @Param("ticks") String ticks);

    /** It became that batch; 0 when it is another already. */
    @Update("""
            update plan set batch_id = #{batchId}
            where id = #{id} and kitchen_id = #{kitchenId} and batch_id is null
            """)
    int start(@Param("kitchenId") long kitchenId, @Param("id") long id, @Param("batchId") long batchId);

    @Delete("delete from plan where id = #{id} and kitchen_id = #{kitchenId}")
    int remove(@Param("kitchenId") long kitchenId, @Param("id") long id);

    @Select("""
            select id, kitchen_id, sauce_id, name, revision, draft, serve_at, ticks, batch_id, saved_at
            from plan where kitchen_id = #{kitchenId} and id = #{id}
            """)
    Optional<PlanRow> find(@Param("kitchenId") long kitchenId, @Param("id") long id);

    /** The same, held until the transaction ends. */
    @Select("""
            select id, kitchen_id, sauce_id, name, revision, draft, serve_at, ticks, batch_id, saved_at
            from plan where kitchen_id = #{kitchenId} and id = #{id} for update
            """)
    Optional<PlanRow> lock(@Param("kitchenId") long kitchenId, @Param("id") long id);

    /** All of them, as they were saved. */
    @Select("""
            select id, kitchen_id, sauce_id, name, revision, draft, serve_at, ticks, batch_id, saved_at
            from plan where kitchen_id = #{kitchenId} order by id
            """)
    List<PlanRow> all(long kitchenId);

    /** Plans not begun yet, the next to be served first. */
    @Select("""
            select id, kitchen_id, sauce_id, name, revision, draft, serve_at, ticks, batch_id, saved_at
            from plan where kitchen_id = #{kitchenId} and batch_id is null
            order by serve_at is null, serve_at, id limit 100
            """)
    List<PlanRow> waiting(long kitchenId);

    /** The plan that became a batch waits again. */
    @Update("update plan set batch_id = null where kitchen_id = #{kitchenId} and batch_id = #{batchId}")
    void release(@Param("kitchenId") long kitchenId, @Param("batchId") long batchId);

    @Delete("delete from plan where kitchen_id = #{kitchenId} and batch_id = #{batchId}")
    void removeOf(@Param("kitchenId") long kitchenId, @Param("batchId") long batchId);
}
