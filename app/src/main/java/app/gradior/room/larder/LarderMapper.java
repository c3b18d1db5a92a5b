package app.gradior.room.larder;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** What a kitchen adds to the larder: foods, names and measures of its own. */
@Mapper
interface LarderMapper {
    @Insert("""
            insert into kitchen_food (kitchen_id, food_id, body, changed_at, revision)
            values (#{kitchenId}, #{foodId}, #{body}, #{changedAt}, #{revision})
            """)
    void addFood(LarderFood row);

    @Update("""
            update kitchen_food set body = #{body}, changed_at = #{changedAt}, revision = revision + 1
            where kitchen_id = #{kitchenId} and food_id = #{foodId} and revision = #{revision}
            """)
    int changeFood(LarderFood row);

    @Select("""
            select kitchen_id, food_id, body, changed_at, revision
            from kitchen_food where kitchen_id = #{kitchenId} order by food_id
            """)
    List<LarderFood> foods(long kitchenId);

    @Delete("delete from kitchen_food where kitchen_id = #{kitchenId} and food_id = #{foodId}")
    int removeFood(@Param("kitchenId") long kitchenId, @Param("foodId") String foodId);

    @Insert("""
            insert into kitchen_name (kitchen_id, words, food_id) values (#{kitchenId}, #{words}, #{foodId})
            on duplicate key update food_id = values(food_id)
            """)
    void putName(LarderName row);

    @Select("select kitchen_id, words, food_id from kitchen_name where kitchen_id = #{kitchenId} order by words")
    List<LarderName> names(long kitchenId);

    @Delete("delete from kitchen_name where kitchen_id = #{kitchenId} and words = #{words}")
    int removeName(@Param("kitchenId") long kitchenId, @Param("words") String words);

    @Insert("""
            insert into kitchen_measure (kitchen_id, word, ml) values (#{kitchenId}, #{word}, #{ml})
            on duplicate key update ml = values(ml)
            """)
    void putMeasure(LarderMeasure row);

    @Select("select kitchen_id, word, ml from kitchen_measure where kitchen_id = #{kitchenId} order by word")
    List<LarderMeasure> measures(long kitchenId);

    @Insert("insert ignore into kitchen_in_house (kitchen_id, food_id) values (#{kitchenId}, #{foodId})")
    void putInHouse(LarderInHouse row);

    @Select("select kitchen_id, food_id from kitchen_in_house where kitchen_id = #{kitchenId} order by food_id")
    List<LarderInHouse> inHouse(long kitchenId);

    @Delete("delete from kitchen_in_house where kitchen_id = #{kitchenId} and food_id = #{foodId}")
    int outOfHouse(@Param("kitchenId") long kitchenId, @Param("foodId") String foodId);

    @Delete("delete from kitchen_measure where kitchen_id = #{kitchenId} and word = #{word}")
    int removeMeasure(@Param("kitchenId") long kitchenId, @Param("word") String word);
}
