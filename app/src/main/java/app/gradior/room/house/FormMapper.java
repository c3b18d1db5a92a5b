package app.gradior.room.house;

import java.time.LocalDateTime;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Forms that were sent, so that each is done once. */
@Mapper
interface FormMapper {
    /** Where a form led; nowhere yet while it is worked on. */
    record FormRow(long kitchenId, String formKey, @Nullable String place) {}

    @Insert("""
            insert ignore into form_once (kitchen_id, form_key, sent_at) values (#{kitchenId}, #{key}, #{at})
            """)
    int insert(@Param("kitchenId") long kitchenId, @Param("key") String key, @Param("at") LocalDateTime at);

    /** Takes up one that was begun before a moment and never ended. */
    @Update("""
            update form_once set sent_at = #{at}
            where kitchen_id = #{kitchenId} and form_key = #{key} and place is null and sent_at < #{before}
            """)
    int takeUp(
            @Param("kitchenId") long kitchenId,
            @Param("key") String key,
            @Param("at") LocalDateTime at,
            @Param("before") LocalDateTime before);

    @Update("update form_once set place = #{place} where kitchen_id = #{kitchenId} and form_key = #{key}")
    void done(@Param("kitchenId") long kitchenId, @Param("key") String key, @Param("place") String place);

    @Select("select kitchen_id, form_key, place from form_once where kitchen_id = #{kitchenId} and form_key = #{key}")
    Optional<FormRow> find(@Param("kitchenId") long kitchenId, @Param("key") String key);

    @Delete("delete from form_once where kitchen_id = #{kitchenId} and form_key = #{key}")
    void delete(@Param("kitchenId") long kitchenId, @Param("key") String key);

    @Delete("delete from form_once where kitchen_id = #{kitchenId} and sent_at < #{before}")
    void deleteBefore(@Param("kitchenId") long kitchenId, @Param("before") LocalDateTime before);
}
