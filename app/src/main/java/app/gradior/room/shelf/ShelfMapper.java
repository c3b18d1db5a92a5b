package app.gradior.room.shelf;

import app.gradior.kept.Inserted;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Containers of sauce on the shelf. */
@Mapper
interface ShelfMapper {
    @Insert("""
            insert into container (kitchen_id, batch_id, name, ml, place, packed_on, use_by, reason, state, state_on, why)
            values (#{row.kitchenId}, #{row.batchId}, #{row.name}, #{row.ml}, #{row.place}, #{row.packedOn}, #{row.useBy},
                    #{row.reason}, #{row.state}, #{row.stateOn}, #{row.why})
            """)
    @Options(useGeneratedKeys = true, keyProperty = "key.id")
    void insert(@Param("row") ShelfContainer row, @Param("key") Inserted key);

    @Select("""
            select c.id, c.kitchen_id, c.batch_id, b.name sauce, c.name, c.ml, c.place, c.use_by, c.reason, c.state
            from container c join batch b on b.kitchen_id = c.kitchen_id and b.id = c.batch_id
            where c.kitchen_id = #{kitchenId} and c.state in ('STORED', 'OPENED') and c.use_by <= #{until}
            order by c.use_by, c.id limit 500
            """)
    List<KeptContainer> kept(@Param("kitchenId") long kitchenId, @Param("until") LocalDate until);

    @Select("""
            select id, kitchen_id, batch_id, name, ml, place, packed_on, use_by, reason, state, state_on, why, revision
            from container where kitchen_id = #{kitchenId} and batch_id = #{batchId} order by id
            """)
    List<ShelfContainer> ofBatch(@Param("kitchenId") long kitchenId, @Param("batchId") long batchId);

    @Select("""
            select id, kitchen_id, batch_id, name, ml, place, packed_on, use_by, reason, state, state_on, why, revision
            from container where kitchen_id = #{kitchenId} and id = #{id}
            """)
    Optional<ShelfContainer> find(@Param("kitchenId") long kitchenId, @Param("id") long id);

    @Update("""
            update container set place = #{row.place}, use_by = #{row.useBy}, reason = #{row.reason}, state = #{row.state},
                   state_on = #{row.stateOn}, why = #{row.why}, revision = revision + 1
            where kitchen_id = #{row.kitchenId} and id = #{row.id} and revision = #{row.revision}
            """)
    int update(@Param("row") ShelfContainer row);

    @Delete("delete from container where kitchen_id = #{kitchenId} and batch_id = #{batchId}")
    void removeOf(@Param("kitchenId") long kitchenId, @Param("batchId") long batchId);
}
