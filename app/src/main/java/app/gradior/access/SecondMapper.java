package app.gradior.access;

import java.time.LocalDateTime;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Second steps, words on paper, and who is between the two steps. Times are UTC. */
interface SecondMapper extends AccessTables {
    record StepRow(byte[] secret, @Nullable LocalDateTime onSince) {}

    @Select("select secret, on_since from second_step where account_id = #{account}")
    Optional<StepRow> step(long account);

    @Insert("insert ignore into second_step (account_id, secret) values (#{account}, #{secret})")
    int begin(@Param("account") long account, @Param("secret") byte[] secret);

    @Update("update second_step set on_since = #{at} where account_id = #{account} and on_since is null")
    int on(@Param("account") long account, @Param("at") LocalDateTime at);

    @Update("update second_step set last_count = #{count} where account_id = #{account} and last_count < #{count}")
    int use(@Param("account") long account, @Param("count") long count);

    @Delete("delete from second_step where account_id = #{account}")
    int endStep(long account);

    @Insert("insert into paper_word (hash, account_id) values (#{hash}, #{account})")
    void insertWord(@Param("account") long account, @Param("hash") String hash);

    @Select("select count(*) from paper_word where account_id = #{account}")
    int words(long account);

    @Delete("delete from paper_word where account_id = #{account} and hash = #{hash}")
    int useWord(@Param("account") long account, @Param("hash") String hash);

    @Delete("delete from paper_word where account_id = #{account}")
    int dropWords(long account);

    @Insert("insert into half_in (hash, account_id, ends_at) values (#{hash}, #{account}, #{ends})")
    void insertHalf(@Param("account") long account, @Param("hash") String hash, @Param("ends") LocalDateTime ends);

    @Select("""
            select a.login from half_in h join account a on a.id = h.account_id
            where h.hash = #{hash} and h.ends_at > #{now}
            """)
    Optional<String> half(@Param("hash") String hash, @Param("now") LocalDateTime now);

    @Delete("delete from half_in where hash = #{hash}")
    int endHalf(String hash);

    @Delete("delete from half_in where account_id = #{account}")
    int endHalves(long account);

    @Delete("delete from half_in where ends_at <= #{now}")
    int forgetHalves(LocalDateTime now);
}
