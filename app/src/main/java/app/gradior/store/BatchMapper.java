package app.gradior.store;

import app.gradior.store.Rows.BatchRow;
import app.gradior.store.Rows.EventRow;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Batches and their events; events are only ever added. */
public interface BatchMapper {
    @Insert("""
            insert into batch (kitchen_id, sauce_id, sauce_version, name, plan, state, started_at)
            values (#{row.kitchenId}, #{row.sauceId}, #{row.sauceVersion}, #{row.name}, #{row.plan}, #{row.state},
                    #{row.startedAt})
            """)
    @Options(useGeneratedKeys = true, keyProperty = "key.id")
    void insert(@Param("row") BatchRow row, @Param("key") Inserted key);

    @Select("""
            select id, kitchen_id, sauce_id, sauce_version, name, plan, state, started_at, finished_at
            from batch where kitchen_id = #{kitchenId} and id = #{id}
            """)
    Optional<BatchRow> find(@Param("kitchenId") long kitchenId, @Param("id") long id);

    /** The same, holding the row until the transaction ends, so that events of one batch are taken in turn. */
    @Select("""
            select id, kitchen_id, sauce_id, sauce_version, name, plan, state, started_at, finished_at
            from batch where kitchen_id = #{kitchenId} and id = #{id} for update
            """)
    Optional<BatchRow> lock(@Param("kitchenId") long kitchenId, @Param("id") long id);

    @Select("""
            select id, kitchen_id, sauce_id, sauce_version, name, plan, state, started_at, finished_at
            from batch where kitchen_id = #{kitchenId} and state = #{state} order by started_at desc, id desc limit 500
            """)
    List<BatchRow> inState(@Param("kitchenId") long kitchenId, @Param("state") String state);

    @Select("""
            select id, kitchen_id, sauce_id, sauce_version, name, plan, state, started_at, finished_at
            from batch where kitchen_id = #{kitchenId} order by started_at desc, id desc limit 500
            """)
    List<BatchRow> all(long kitchenId);

    /** Finished since a moment. */
    @Select("""
            select id, kitchen_id, sauce_id, sauce_version, name, plan, state, started_at, finished_at
            from batch where kitchen_id = #{kitchenId} and state = 'FINISHED' and started_at >= #{begun}
                   and finished_at >= #{since}
            order by finished_at limit 20
            """)
    List<BatchRow> finishedSince(
            @Param("kitchenId") long kitchenId,
            @Param("begun") LocalDateTime begun,
            @Param("since") LocalDateTime since);

    /** All there ever were, the oldest first. */
    @Select("""
            select id, kitchen_id, sauce_id, sauce_version, name, plan, state, started_at, finished_at
            from batch where kitchen_id = #{kitchenId} order by id
            """)
    List<BatchRow> everyOne(long kitchenId);

    @Update("""
            update batch set state = 'FINISHED', finished_at = #{at}
            where kitchen_id = #{kitchenId} and id = #{id} and state = 'LIVE'
            """)
    int finish(@Param("kitchenId") long kitchenId, @Param("id") long id, @Param("at") LocalDateTime at);

    @Insert("""
            insert into batch_event (kitchen_id, batch_id, client_key, happened_at, recorded_at, type, body)
            values (#{row.kitchenId}, #{row.batchId}, #{row.clientKey}, #{row.happenedAt}, #{row.recordedAt},
                    #{row.type}, #{row.body})
            """)
    @Options(useGeneratedKeys = true, keyProperty = "key.id")
    void insertEvent(@Param("row") EventRow row, @Param("key") Inserted key);

    @Select("""
            select id, kitchen_id, batch_id, client_key, happened_at, recorded_at, type, body
            from batch_event where kitchen_id = #{kitchenId} and batch_id = #{batchId} order by happened_at, id
            """)
    List<EventRow> events(@Param("kitchenId") long kitchenId, @Param("batchId") long batchId);

    @Select("""
            select id, kitchen_id, batch_id, client_key, happened_at, recorded_at, type, body
            from batch_event
            where kitchen_id = #{kitchenId} and batch_id = #{batchId} and client_key = #{clientKey}
            """)
    Optional<EventRow> findEvent(
            @Param("kitchenId") long kitchenId, @Param("batchId") long batchId, @Param("clientKey") String clientKey);
}
