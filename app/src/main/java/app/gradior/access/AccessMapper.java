package app.gradior.access;

import app.gradior.kept.Inserted;
import java.time.LocalDateTime;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Accounts as the door sees them, tries of passwords, known devices, words for new kitchens. Times are UTC. */
interface AccessMapper extends AccessTables {
    /** An account and the hash of its password. */
    record AccountRow(long id, @Nullable Long kitchenId, String login, String passwordHash) {}

    @Insert("insert into account (login, password_hash) values (#{login}, #{hash})")
    @Options(useGeneratedKeys = true, keyProperty = "key.id")
    void insert(@Param("login") String login, @Param("hash") String hash, @Param("key") Inserted key);

    @Select("select count(*) from account")
    int count();

    @Select("select id, kitchen_id, login, password_hash from account where login = #{login}")
    Optional<AccountRow> account(String login);

    @Update("update account set password_hash = #{hash} where id = #{id} and password_hash = #{old}")
    int rehash(@Param("id") long id, @Param("old") String old, @Param("hash") String hash);

    @Update("update account set password_hash = #{hash} where id = #{id}")
    int setPassword(@Param("id") long id, @Param("hash") String hash);

    @Select("select state from attempt_bucket where id = #{id}")
    Optional<byte[]> bucket(String id);

    @Insert("insert ignore into attempt_bucket (id, state, changed_at) values (#{id}, #{state}, #{at})")
    int insertBucket(@Param("id") String id, @Param("state") byte[] state, @Param("at") LocalDateTime at);

    @Update("update attempt_bucket set state = #{state}, changed_at = #{at} where id = #{id} and state = #{old}")
    int swapBucket(
            @Param("id") String id,
            @Param("old") byte[] old,
            @Param("state") byte[] state,
            @Param("at") LocalDateTime at);

    @Delete("delete from attempt_bucket where changed_at < #{before}")
    int forgetBuckets(LocalDateTime before);

    @Delete("delete from attempt_bucket where id = #{id}")
    int forgetBucket(String id);

    @Select("select count(*) from known_device where account_id = #{account} and device_hash = #{device}")
    int knows(@Param("account") long account, @Param("device") String device);

    @Insert("""
            insert into known_device (account_id, device_hash, seen_at) values (#{account}, #{device}, #{at})
            on duplicate key update seen_at = #{at}
            """)
    void know(@Param("account") long account, @Param("device") String device, @Param("at") LocalDateTime at);

    @Delete("delete from known_device where seen_at < #{before}")
    int forgetDevices(LocalDateTime before);

    @Delete("delete from signup_word")
    void dropWords();

    @Insert("insert into signup_word (word_hash, made_at) values (#{hash}, #{at})")
    void insertWord(@Param("hash") String hash, @Param("at") LocalDateTime at);

    @Delete("delete from signup_word where word_hash = #{hash}")
    int useWord(String hash);

    @Insert("insert into passkey_challenge (hash, ends_at) values (#{hash}, #{ends})")
    void insertChallenge(@Param("hash") String hash, @Param("ends") LocalDateTime ends);

    @Select("select count(*) from passkey_challenge")
    int challenges();

    @Delete("delete from passkey_challenge where hash = #{hash} and ends_at > #{now}")
    int useChallenge(@Param("hash") String hash, @Param("now") LocalDateTime now);

    @Delete("delete from passkey_challenge where ends_at <= #{now}")
    int forgetChallenges(LocalDateTime now);

    @Select("select count(*) from signup_word where word_hash = #{hash}")
    int hasWord(String hash);
}
