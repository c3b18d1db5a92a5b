package app.gradior.room.practice;

import app.gradior.kept.Inserted;
import app.gradior.practice.CookEye;
import java.time.LocalDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface PracticeMapper {
    @Insert("""
            insert into practice_run (kitchen_id, account_id, what, name, seed, scenario, deeds, said, started_at)
            values (#{row.kitchenId}, #{row.accountId}, #{row.what}, #{row.name}, #{row.seed}, #{row.scenario},
                    #{row.deeds}, #{row.said}, #{row.startedAt})
            """)
    @Options(useGeneratedKeys = true, keyProperty = "key.id")
    void start(@Param("row") PracticeRow row, @Param("key") Inserted key);

    @Select("""
            select id, kitchen_id, account_id, what, name, seed, scenario, deeds, said, started_at, ended_at, score
            from practice_run where kitchen_id = #{kitchenId} and account_id = #{accountId} and id = #{id}
            """)
    @Nullable
    PracticeRow run(@Param("kitchenId") long kitchenId, @Param("accountId") long accountId, @Param("id") long id);

    /** The same, and nobody else changes it until the transaction is over. */
    @Select("""
            select id, kitchen_id, account_id, what, name, seed, scenario, deeds, said, started_at, ended_at, score
            from practice_run where kitchen_id = #{kitchenId} and account_id = #{accountId} and id = #{id} for update
            """)
    @Nullable
    PracticeRow locked(@Param("kitchenId") long kitchenId, @Param("accountId") long accountId, @Param("id") long id);

    /** Without what was done; the latest first. */
    @Select("""
            select id, kitchen_id, account_id, what, name, seed, '' as scenario, '' as deeds, '' as said, started_at,
                    ended_at, score
            from practice_run where kitchen_id = #{kitchenId} and account_id = #{accountId}
            order by started_at desc, id desc limit #{most}
            """)
    List<PracticeRow> latest(
            @Param("kitchenId") long kitchenId, @Param("accountId") long accountId, @Param("most") int most);

    /** The best score of a thing that was practised. */
    record Best(String what, double score) {}

    @Select("""
            select what, max(score) score from practice_run
            where kitchen_id = #{kitchenId} and account_id = #{accountId} and score is not null group by what
            """)
    List<Best> best(@Param("kitchenId") long kitchenId, @Param("accountId") long accountId);

    @Update("""
            update practice_run set deeds = #{deeds}, said = #{said}, ended_at = #{endedAt}, score = #{score}
            where kitchen_id = #{kitchenId} and id = #{id}
            """)
    void keep(PracticeRow row);

    /** Pots that nobody took off, and what was read of them. */
    @Delete("""
            delete from practice_run where kitchen_id = #{kitchenId} and account_id = #{accountId} and ended_at is null
                    and started_at < #{before}
            """)
    void forgetLeft(
            @Param("kitchenId") long kitchenId,
            @Param("accountId") long accountId,
            @Param("before") LocalDateTime before);

    @Insert("""
            insert into practice_judgement (kitchen_id, account_id, run_id, sense, said, truth, step)
            values (#{kitchenId}, #{accountId}, #{runId}, #{one.sense}, #{one.said}, #{one.truth}, #{one.step})
            """)
    void judge(
            @Param("kitchenId") long kitchenId,
            @Param("accountId") long accountId,
            @Param("runId") long runId,
            @Param("one") CookEye.Judgement one);

    /** The latest, oldest first. */
    @Select("""
            select sense, said, truth, step from (
                select id, sense, said, truth, step from practice_judgement
                where kitchen_id = #{kitchenId} and account_id = #{accountId} order by id desc limit #{most}) latest
            order by id
            """)
    List<CookEye.Judgement> judged(
            @Param("kitchenId") long kitchenId, @Param("accountId") long accountId, @Param("most") int most);

    @Delete("delete from practice_judgement where kitchen_id = #{kitchenId} and account_id = #{accountId}")
    void forgetJudged(@Param("kitchenId") long kitchenId, @Param("accountId") long accountId);

    @Select("select account_id from practice_consent where kitchen_id = #{kitchenId}")
    List<Long> consented(@Param("kitchenId") long kitchenId);

    @Insert("insert ignore into practice_consent (kitchen_id, account_id) values (#{kitchenId}, #{accountId})")
    void consent(@Param("kitchenId") long kitchenId, @Param("accountId") long accountId);

    @Delete("delete from practice_consent where kitchen_id = #{kitchenId} and account_id = #{accountId}")
    void noConsent(@Param("kitchenId") long kitchenId, @Param("accountId") long accountId);
}
