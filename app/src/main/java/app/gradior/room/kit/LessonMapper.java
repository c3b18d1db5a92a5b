package app.gradior.room.kit;

import app.gradior.reading.ReadingKind;
import java.time.LocalDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Arg;
import org.apache.ibatis.annotations.ConstructorArgs;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/**
 * What finished batches taught. A lesson is written anew whenever its batch changes; whether it counts is the cook's.
 *
 * <p>The two lists say their columns in the order of the record: there are hundreds of rows on a page's way, and finding each column by
 * its name anew for each of them took an eighth of the hob's time.
 */
@Mapper
interface LessonMapper {
    /** Of its batch's sauce, pot and burner. */
    @Insert("""
            insert into lesson (batch_id, kitchen_id, sauce_id, pot_id, burner_id, finished_at, pair_log, pair_precision,
                    body_log, body_precision, took_min, foretold_min, foretold_low_min, foretold_high_min, unlearnt_min,
                    counted)
            values (#{batchId}, #{kitchenId}, #{sauceId}, #{potId}, #{burnerId}, #{finishedAt}, #{pairLog},
                    #{pairPrecision}, #{bodyLog}, #{bodyPrecision}, #{tookMin}, #{foretoldMin}, #{foretoldLowMin},
                    #{foretoldHighMin}, #{unlearntMin}, #{counted})
            on duplicate key update finished_at = value(finished_at), pair_log = value(pair_log),
                    pair_precision = value(pair_precision), body_log = value(body_log),
                    body_precision = value(body_precision), took_min = value(took_min),
                    foretold_min = value(foretold_min), foretold_low_min = value(foretold_low_min),
                    foretold_high_min = value(foretold_high_min), unlearnt_min = value(unlearnt_min)
            """)
    void keep(KeptLesson row);

    @Select("""
            select batch_id, kitchen_id, sauce_id, pot_id, burner_id, finished_at, pair_log, pair_precision, body_log,
                    body_precision, took_min, foretold_min, foretold_low_min, foretold_high_min, unlearnt_min, counted
            from lesson where kitchen_id = #{kitchenId} order by finished_at desc limit #{most}
            """)
    @ConstructorArgs({
        @Arg(column = "batch_id", javaType = long.class),
        @Arg(column = "kitchen_id", javaType = long.class),
        @Arg(column = "sauce_id", javaType = Long.class),
        @Arg(column = "pot_id", javaType = Long.class),
        @Arg(column = "burner_id", javaType = Long.class),
        @Arg(column = "finished_at", javaType = LocalDateTime.class),
        @Arg(column = "pair_log", javaType = double.class),
        @Arg(column = "pair_precision", javaType = double.class),
        @Arg(column = "body_log", javaType = double.class),
        @Arg(column = "body_precision", javaType = double.class),
        @Arg(column = "took_min", javaType = double.class),
        @Arg(column = "foretold_min", javaType = Double.class),
        @Arg(column = "foretold_low_min", javaType = Double.class),
        @Arg(column = "foretold_high_min", javaType = Double.class),
        @Arg(column = "unlearnt_min", javaType = Double.class),
        @Arg(column = "counted", javaType = boolean.class)
    })
    List<KeptLesson> latest(@Param("kitchenId") long kitchenId, @Param("most") int most);

    /** What batches that count say of the cook's hand. */
    @Select("""
            select h.batch_id, h.kitchen_id, h.kind, h.readings, h.mean, h.squares, h.model_sd
            from lesson_hand h join lesson l on l.batch_id = h.batch_id
            where h.kitchen_id = #{kitchenId} and l.counted order by l.finished_at desc limit #{most}
            """)
    @ConstructorArgs({
        @Arg(column = "batch_id", javaType = long.class),
        @Arg(column = "kitchen_id", javaType = long.class),
        @Arg(column = "kind", javaType = ReadingKind.class),
        @Arg(column = "readings", javaType = int.class),
        @Arg(column = "mean", javaType = double.class),
        @Arg(column = "squares", javaType = double.class),
        @Arg(column = "model_sd", javaType = double.class)
    })
    List<KeptHand> hands(@Param("kitchenId") long kitchenId, @Param("most") int most);

    @Insert("""
            insert into lesson_hand (batch_id, kitchen_id, kind, readings, mean, squares, model_sd)
            values (#{batchId}, #{kitchenId}, #{kind}, #{readings}, #{mean}, #{squares}, #{modelSd})
            """)
    void keepHand(KeptHand row);

    @Delete("delete from lesson_hand where batch_id = #{batchId}")
    void forgetHands(long batchId);

    @Update("update lesson set counted = #{counted} where kitchen_id = #{kitchenId} and batch_id = #{batchId}")
    int count(@Param("kitchenId") long kitchenId, @Param("batchId") long batchId, @Param("counted") boolean counted);

    @Delete("delete from lesson where kitchen_id = #{kitchenId} and batch_id = #{batchId}")
    void remove(@Param("kitchenId") long kitchenId, @Param("batchId") long batchId);
}
