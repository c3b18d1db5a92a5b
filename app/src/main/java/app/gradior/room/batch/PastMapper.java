package app.gradior.room.batch;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Packed logs. */
@Mapper
interface PastMapper {
    /** Batches whose logs are to be packed. */
    @Select("""
            select id from batch
            where kitchen_id = #{kitchenId} and packed = false and finished_at < #{before}
              and state = 'FINISHED' and understood
            order by finished_at
            """)
    List<Long> due(@Param("kitchenId") long kitchenId, @Param("before") LocalDateTime before);

    @Select("select log from batch_past where kitchen_id = #{kitchenId} and batch_id = #{id}")
    Optional<byte[]> log(@Param("kitchenId") long kitchenId, @Param("id") long id);

    @Select("select batch_id from batch_past where kitchen_id = #{kitchenId} order by batch_id")
    List<Long> ids(long kitchenId);

    @Insert("""
            insert into batch_past (batch_id, kitchen_id, entries, log) values (#{id}, #{kitchenId}, #{entries}, #{log})
            """)
    void insert(
            @Param("kitchenId") long kitchenId,
            @Param("id") long id,
            @Param("entries") int entries,
            @Param("log") byte[] log);

    @Delete("delete from batch_past where kitchen_id = #{kitchenId} and batch_id = #{id}")
    int delete(@Param("kitchenId") long kitchenId, @Param("id") long id);

    @Update("update batch set packed = #{packed} where kitchen_id = #{kitchenId} and id = #{id}")
    void mark(@Param("kitchenId") long kitchenId, @Param("id") long id, @Param("packed") boolean packed);

    /** An entry with the id that it had. */
    @Insert("""
            insert into batch_event (id, kitchen_id, batch_id, client_key, happened_at, recorded_at, type, body, understood, recorder_id)
            values (#{row.id}, #{row.kitchenId}, #{row.batchId}, #{row.clientKey}, #{row.happenedAt}, #{row.recordedAt},
                    #{row.type}, #{row.body}, #{row.understood}, #{row.recorderId})
            """)
    void layOut(@Param("row") EventRow row);

    /** Who recorded something in a kitchen. */
    record RecorderRow(long id, String kind, long ofId, String name) {}

    @Select("select id, kind, of_id, name from recorder where kitchen_id = #{kitchenId}")
    List<RecorderRow> recorders(long kitchenId);
}
