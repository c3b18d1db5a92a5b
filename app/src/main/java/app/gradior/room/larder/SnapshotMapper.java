package app.gradior.room.larder;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Foods as they were when something of them was recorded, by their content. They are only ever added. */
@Mapper
interface SnapshotMapper {
    @Insert("insert ignore into food_snapshot (kitchen_id, hash, food) values (#{kitchenId}, #{hash}, #{food})")
    int insert(@Param("kitchenId") long kitchenId, @Param("hash") String hash, @Param("food") String food);

    @Select("select food from food_snapshot where kitchen_id = #{kitchenId} and hash = #{hash}")
    Optional<String> find(@Param("kitchenId") long kitchenId, @Param("hash") String hash);

    @Select("select hash, food from food_snapshot where kitchen_id = #{kitchenId} order by hash")
    List<LarderAsKept.Snapshot> all(long kitchenId);
}
