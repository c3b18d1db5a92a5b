package app.gradior.room.batch;

import app.gradior.kept.Inserted;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Arg;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Results;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Batches and their events; events are only ever added. */
@Mapper
interface BatchMapper {
    String BATCH = """
            select b.id, b.kitchen_id, b.sauce_id, b.sauce_version, b.pot_id, b.burner_id, b.name, p.plan, b.state, b.started_at, b.finished_at
            from batch b join batch_plan p on p.batch_id = b.id
            where b.kitchen_id = #{kitchenId}
            """;

    /** The batch without its plan, which {@link #insertPlan} adds. */
    @Insert("""
            insert into batch (kitchen_id, sauce_id, sauce_version, pot_id, burner_id, name, state, started_at)
            values (#{row.kitchenId}, #{row.sauceId}, #{row.sauceVersion}, #{row.potId}, #{row.burnerId}, #{row.name},
                    #{row.state}, #{row.startedAt})
            """)
    @Options(useGeneratedKeys = true, keyProperty = "key.id")
    void insert(@Param("row") BatchRow row, @Param("key") Inserted key);

    @Insert("insert into batch_plan (batch_id, kitchen_id, plan) values (#{id}, #{kitchenId}, #{plan})")
    void insertPlan(@Param("kitchenId") long kitchenId, @Param("id") long id, @Param("plan") String plan);

    /** All that it recorded has been understood. */
    @Update("update batch set understood = true where kitchen_id = #{kitchenId} and id = #{id}")
    void understood(@Param("kitchenId") long kitchenId, @Param("id") long id);

    /** Batches that have recorded what has not been understood yet. */
    @Select("select id from batch where kitchen_id = #{kitchenId} and not understood order by id desc")
    List<Long> notUnderstood(long kitchenId);

    /** The same plan, with what was understood of its lines. */
    @Update("update batch_plan set plan = #{plan} where kitchen_id = #{kitchenId} and batch_id = #{id}")
    void understandPlan(@Param("kitchenId") long kitchenId, @Param("id") long id, @Param("plan") String plan);

    /** What was understood of an event that had not been. */
    @Update("""
            update batch_event set understood = #{understood}
            where kitchen_id = #{kitchenId} and id = #{id} and understood is null
            """)
    void understandEvent(
            @Param("kitchenId") long kitchenId, @Param("id") long id, @Param("understood") String understood);

    @Select(BATCH + "and b.id = #{id}")
    Optional<BatchRow> find(@Param("kitchenId") long kitchenId, @Param("id") long id);

    @Select("select count(*) from batch where kitchen_id = #{kitchenId} and id = #{id}")
    int count(@Param("kitchenId") long kitchenId, @Param("id") long id);

    /** The same, holding the row until the transaction ends, so that events of one batch are taken in turn. */
    @Select(BATCH + "and b.id = #{id} for update")
    Optional<BatchRow> lock(@Param("kitchenId") long kitchenId, @Param("id") long id);

    @Select(BATCH + "and b.state = #{state} order by b.started_at desc, b.id desc limit #{most} offset #{skip}")
    List<BatchRow> inState(
            @Param("kitchenId") long kitchenId,
            @Param("state") String state,
            @Param("most") int most,
            @Param("skip") int skip);

    /** Batches in a state by what tells whether anything of them changed. */
    @Select("""
            select b.id, b.name, coalesce(max(e.id), 0) as last_entry from batch b
            left join batch_event e on e.kitchen_id = b.kitchen_id and e.batch_id = b.id
            where b.kitchen_id = #{kitchenId} and b.state = #{state}
            group by b.id, b.name, b.started_at order by b.started_at desc, b.id desc limit #{most}
            """)
    List<HeadRow> heads(@Param("kitchenId") long kitchenId, @Param("state") String state, @Param("most") int most);

    /** A batch's name and the id of its latest event, 0 for none. */
    record HeadRow(long id, String name, long lastEntry) {}

    @Select(BATCH + "order by b.started_at desc, b.id desc limit #{most} offset #{skip}")
    List<BatchRow> all(@Param("kitchenId") long kitchenId, @Param("most") int most, @Param("skip") int skip);

    /** Live ones that began before a moment and of which nothing was recorded since. */
    @Select("""
            select b.id from batch b
            where b.kitchen_id = #{kitchenId} and b.state = 'LIVE' and b.started_at < #{since} and not exists
              (select 1 from batch_event e where e.batch_id = b.id and e.recorded_at >= #{since})
            """)
    List<Long> untouched(@Param("kitchenId") long kitchenId, @Param("since") LocalDateTime since);

    /** Finished since a moment. */
    @Select(BATCH + """
            and b.state = 'FINISHED' and b.started_at >= #{begun} and b.finished_at >= #{since}
            order by b.finished_at limit 20
            """)
    List<BatchRow> finishedSince(
            @Param("kitchenId") long kitchenId,
            @Param("begun") LocalDateTime begun,
            @Param("since") LocalDateTime since);

    /** Ids of all there ever were, the oldest first. */
    @Select("select id from batch where kitchen_id = #{kitchenId} order by id")
    List<Long> ids(long kitchenId);

    @Update("""
            update batch set state = 'FINISHED', finished_at = #{at}
            where kitchen_id = #{kitchenId} and id = #{id} and state in ('LIVE', 'ASIDE')
            """)
    int finish(@Param("kitchenId") long kitchenId, @Param("id") long id, @Param("at") LocalDateTime at);

    /** From one state to another; 0 when it was not in the first. */
    @Update("update batch set state = #{to} where kitchen_id = #{kitchenId} and id = #{id} and state = #{from}")
    int move(
            @Param("kitchenId") long kitchenId,
            @Param("id") long id,
            @Param("from") String from,
            @Param("to") String to);

    @Delete("delete from batch_event where kitchen_id = #{kitchenId} and batch_id = #{id}")
    void deleteEvents(@Param("kitchenId") long kitchenId, @Param("id") long id);

    @Delete("delete from batch_plan where kitchen_id = #{kitchenId} and batch_id = #{id}")
    void deletePlan(@Param("kitchenId") long kitchenId, @Param("id") long id);

    @Delete("delete from photo where kitchen_id = #{kitchenId} and batch_id = #{id}")
    int deletePhotos(@Param("kitchenId") long kitchenId, @Param("id") long id);

    @Delete("delete from batch where kitchen_id = #{kitchenId} and id = #{id}")
    int delete(@Param("kitchenId") long kitchenId, @Param("id") long id);

    @Select("""
            select (select count(*) from batch_event where kitchen_id = #{kitchenId} and batch_id = #{id})
                     + coalesce((select entries from batch_past where kitchen_id = #{kitchenId} and batch_id = #{id}), 0) events,
                   (select count(*) from container where kitchen_id = #{kitchenId} and batch_id = #{id}) containers,
                   (select count(*) from photo where kitchen_id = #{kitchenId} and batch_id = #{id}) photos
            """)
    Kept kept(@Param("kitchenId") long kitchenId, @Param("id") long id);

    /** How much there is of a batch. */
    record Kept(long events, long containers, long photos) {}

    @Insert("""
            insert into batch_event (kitchen_id, batch_id, client_key, happened_at, recorded_at, type, body, understood, recorder_id)
            values (#{row.kitchenId}, #{row.batchId}, #{row.clientKey}, #{row.happenedAt}, #{row.recordedAt},
                    #{row.type}, #{row.body}, #{row.understood}, #{row.recorderId})
            """)
    @Options(useGeneratedKeys = true, keyProperty = "key.id")
    void insertEvent(@Param("row") EventRow row, @Param("key") Inserted key);

    /** Of thousands of rows: told which column is what, the mapper takes a fifth of the time that finding out for each takes. */
    @Select("""
            select e.id, e.kitchen_id, e.batch_id, e.client_key, e.happened_at, e.recorded_at, e.type, e.body, e.understood,
                e.recorder_id, r.name recorder
            from batch_event e left join recorder r on r.id = e.recorder_id
            where e.kitchen_id = #{kitchenId} and e.batch_id = #{batchId} order by e.happened_at, e.id
            """)
    @Results(id = "event")
    @Arg(column = "id", javaType = long.class)
    @Arg(column = "kitchen_id", javaType = long.class)
    @Arg(column = "batch_id", javaType = long.class)
    @Arg(column = "client_key", javaType = String.class)
    @Arg(column = "happened_at", javaType = LocalDateTime.class)
    @Arg(column = "recorded_at", javaType = LocalDateTime.class)
    @Arg(column = "type", javaType = String.class)
    @Arg(column = "body", javaType = String.class)
    @Arg(column = "understood", javaType = String.class)
    @Arg(column = "recorder_id", javaType = Long.class)
    @Arg(column = "recorder", javaType = String.class)
    List<EventRow> events(@Param("kitchenId") long kitchenId, @Param("batchId") long batchId);

    @Select("""
            select e.id, e.kitchen_id, e.batch_id, e.client_key, e.happened_at, e.recorded_at, e.type, e.body, e.understood,
                e.recorder_id, r.name recorder
            from batch_event e left join recorder r on r.id = e.recorder_id
            where e.kitchen_id = #{kitchenId} and e.batch_id = #{batchId} and e.id = #{id}
            """)
    Optional<EventRow> event(@Param("kitchenId") long kitchenId, @Param("batchId") long batchId, @Param("id") long id);

    @Select("""
            select e.id, e.kitchen_id, e.batch_id, e.client_key, e.happened_at, e.recorded_at, e.type, e.body, e.understood,
                e.recorder_id, r.name recorder
            from batch_event e left join recorder r on r.id = e.recorder_id
            where e.kitchen_id = #{kitchenId} and e.batch_id = #{batchId} and e.client_key = #{clientKey}
            """)
    Optional<EventRow> findEvent(
            @Param("kitchenId") long kitchenId, @Param("batchId") long batchId, @Param("clientKey") String clientKey);

    /** One that somebody else made meanwhile is taken, whether or not this transaction sees it yet. */
    @Insert("""
            insert into recorder (kitchen_id, kind, of_id, name) values (#{kitchenId}, #{kind}, #{of}, #{name})
            on duplicate key update id = last_insert_id(id)
            """)
    @Options(useGeneratedKeys = true, keyProperty = "key.id")
    void insertRecorder(
            @Param("kitchenId") long kitchenId,
            @Param("kind") String kind,
            @Param("of") long of,
            @Param("name") String name,
            @Param("key") Inserted key);

    @Select("""
            select id from recorder
            where kitchen_id = #{kitchenId} and kind = #{kind} and of_id = #{of} and name = #{name}
            """)
    Optional<Long> recorder(
            @Param("kitchenId") long kitchenId,
            @Param("kind") String kind,
            @Param("of") long of,
            @Param("name") String name);

    @Select("""
            select b.name batch, e.happened_at at, e.type, e.body
            from batch_event e join batch b on b.id = e.batch_id join recorder r on r.id = e.recorder_id
            where e.kitchen_id = #{kitchenId} and r.kind = 'PERSON' and r.of_id = #{account} order by e.id
            """)
    List<BatchesAsKept.RecordedBy> recordedBy(@Param("kitchenId") long kitchenId, @Param("account") long account);

    @Insert("""
            insert into alarm_heard (batch_id, kitchen_id, told, by_name, heard_at)
            values (#{batchId}, #{kitchenId}, #{told}, #{by}, #{at})
            on duplicate key update told = #{told}, by_name = #{by}, heard_at = #{at}
            """)
    void hear(
            @Param("kitchenId") long kitchenId,
            @Param("batchId") long batchId,
            @Param("told") String told,
            @Param("by") String by,
            @Param("at") LocalDateTime at);

    @Select("""
            select h.batch_id, h.told, h.by_name from alarm_heard h
            where h.kitchen_id = #{kitchenId} order by h.heard_at desc limit 100
            """)
    List<Heard.Row> heard(long kitchenId);

    @Delete("""
            delete from alarm_heard where kitchen_id = #{kitchenId} and batch_id = #{batchId} and told = #{told}
            """)
    void unhear(@Param("kitchenId") long kitchenId, @Param("batchId") long batchId, @Param("told") String told);
}
