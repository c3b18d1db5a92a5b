package app.gradior.room.batch;

import app.gradior.kept.Inserted;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Photographs of batches. */
@Mapper
interface PhotoMapper {
    @Insert("""
            insert into photo (kitchen_id, batch_id, added_at, image)
            values (#{row.kitchenId}, #{row.batchId}, #{row.addedAt}, #{row.image})
            """)
    @Options(useGeneratedKeys = true, keyProperty = "key.id")
    void insert(@Param("row") BatchPhoto row, @Param("key") Inserted key);

    @Select("select id from photo where kitchen_id = #{kitchenId} and batch_id = #{batchId} order by id")
    List<Long> ids(@Param("kitchenId") long kitchenId, @Param("batchId") long batchId);

    @Select("""
            select id, kitchen_id, batch_id, added_at, image from photo
            where kitchen_id = #{kitchenId} and batch_id = #{batchId} and id = #{id}
            """)
    Optional<BatchPhoto> find(@Param("kitchenId") long kitchenId, @Param("batchId") long batchId, @Param("id") long id);

    @Delete("delete from photo where kitchen_id = #{kitchenId} and batch_id = #{batchId} and id = #{id}")
    int remove(@Param("kitchenId") long kitchenId, @Param("batchId") long batchId, @Param("id") long id);
}
