package app.gradior.room.batch;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** The log: batches by their summaries, searched, filtered, sorted, a page at a time. List and count share one condition. */
@Mapper
interface LogMapper {
    String WHERE = """
            where kitchen_id = #{kitchenId}
            <if test="f.like != ''">and words like #{f.like}</if>
            <if test="f.sauceId != 0">and sauce_id = #{f.sauceId}</if>
            <if test="f.pot != ''">and pot_name = #{f.pot}</if>
            <if test="f.from != null">and started_at &gt;= #{f.from}</if>
            <if test="f.to != null">and started_at &lt; #{f.to}</if>
            <if test="f.rating != 0">and rating &gt;= #{f.rating}</if>
            <if test="f.stepLow != null">and step_cold &gt;= #{f.stepLow}</if>
            <if test="f.stepHigh != null">and step_cold &lt;= #{f.stepHigh}</if>
            """;

    String ORDER = """
            <choose>
              <when test="f.sort == 'name'">order by name</when>
              <when test="f.sort == 'minutes'">order by minutes</when>
              <when test="f.sort == 'yield'">order by yield_ml</when>
              <when test="f.sort == 'step'">order by step_cold</when>
              <when test="f.sort == 'rating'">order by rating</when>
              <otherwise>order by started_at</otherwise>
            </choose>
            <choose><when test="f.up">asc, id asc</when><otherwise>desc, id desc</otherwise></choose>
            """;

    /**
     * A batch of the page.
     *
     * @param total how many there are of that kind; 0 for an unbounded search, where they are not counted
     */
    record Hit(long id, long total) {}

    /** The page's ids in order, by an index alone where one serves; a search that reads every row counts them on its way. */
    @Select(
            "<script>select id, <choose><when test='f.searches()'>count(*) over ()</when><otherwise>0</otherwise></choose> total"
                    + " from batch " + WHERE + ORDER + " limit #{most} offset #{skip}</script>")
    List<Hit> hits(
            @Param("kitchenId") long kitchenId,
            @Param("f") LogFilter filter,
            @Param("most") int most,
            @Param("skip") int skip);

    /** Batches by their ids, in no order. */
    @Select("""
            <script>select id, kitchen_id, sauce_id, name, state, started_at, pot_name, minutes, yield_ml, step_cold, rating
            from batch where kitchen_id = #{kitchenId} and id in
            <foreach collection="ids" item="id" open="(" separator="," close=")">#{id}</foreach></script>
            """)
    List<BatchSummary> rows(@Param("kitchenId") long kitchenId, @Param("ids") List<Long> ids);

    /** All of that kind in order, at most so many. */
    @Select(
            "<script>select id, kitchen_id, sauce_id, name, state, started_at, pot_name, minutes, yield_ml, step_cold, rating"
                    + " from batch " + WHERE + ORDER + " limit #{most}</script>")
    List<BatchSummary> all(@Param("kitchenId") long kitchenId, @Param("f") LogFilter filter, @Param("most") int most);

    @Select("<script>select count(*) from batch " + WHERE + "</script>")
    long count(@Param("kitchenId") long kitchenId, @Param("f") LogFilter filter);

    @Select("""
            select pot_name from (select distinct kitchen_id, pot_name from batch where kitchen_id = #{kitchenId}) known
            where pot_name != '' order by pot_name limit 200
            """)
    List<String> pots(long kitchenId);

    @Select("""
            select id, kitchen_id, sauce_id, name, state, started_at, pot_name, minutes, yield_ml, step_cold, rating
            from batch where kitchen_id = #{kitchenId} and sauce_id = #{sauceId} and state = 'FINISHED'
            order by started_at desc, id desc limit #{most}
            """)
    List<BatchSummary> ofSauce(
            @Param("kitchenId") long kitchenId, @Param("sauceId") long sauceId, @Param("most") int most);

    @Update("""
            update batch set pot_name = #{pot}, minutes = #{minutes}, yield_ml = #{yieldMl}, step_cold = #{stepCold},
                   rating = #{rating}, words = #{words}
            where kitchen_id = #{kitchenId} and id = #{id}
            """)
    // Wide: columns of the summary.
    int summarise(
            @Param("kitchenId") long kitchenId,
            @Param("id") long id,
            @Param("pot") String pot,
            @Param("minutes") @Nullable Double minutes,
            @Param("yieldMl") @Nullable Double yieldMl,
            @Param("stepCold") @Nullable Double stepCold,
            @Param("rating") @Nullable Integer rating,
            @Param("words") String words);

    /** Batches that have no summary yet, which those of an older version of the application may not have, the latest first. */
    @Select("select id from batch where kitchen_id = #{kitchenId} and words = '' order by started_at desc")
    List<Long> unsummarised(long kitchenId);
}
