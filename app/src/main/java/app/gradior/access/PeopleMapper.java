package app.gradior.access;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Members, invitations and devices at the stove. Times are UTC. */
interface PeopleMapper extends AccessTables {
    record StandingRow(
            String role,
            @Nullable LocalDateTime kitchenGoes,
            @Nullable LocalDateTime accountGoes) {}

    record MemberRow(long accountId, String login, String role, LocalDateTime since) {}

    record PlaceRow(long kitchenId, String name, String role, boolean demo) {}

    record InvitationRow(long id, long kitchenId, String role, String name, String madeBy, LocalDateTime endsAt) {}

    record DeviceRow(long id, long kitchenId, String name, LocalDateTime pairedAt, LocalDateTime usedAt) {}

    /** The kitchen, held until the transaction ends: its people are changed one by one. */
    @Select("select id from kitchen where id = #{kitchen} for update")
    Optional<Long> hold(long kitchen);

    @Select("""
            select m.role, k.goes_at kitchen_goes, a.goes_at account_goes
            from member m join kitchen k on k.id = m.kitchen_id join account a on a.id = m.account_id
            where m.kitchen_id = #{kitchen} and m.account_id = #{account}
            """)
    Optional<StandingRow> standing(@Param("kitchen") long kitchen, @Param("account") long account);

    @Select("""
            select m.account_id, a.login, m.role, m.since from member m join account a on a.id = m.account_id
            where m.kitchen_id = #{kitchen} order by m.since, m.account_id
            """)
    List<MemberRow> members(long kitchen);

    @Select("""
            select m.kitchen_id, k.name, m.role, k.demo from member m join kitchen k on k.id = m.kitchen_id
            where m.account_id = #{account} order by k.name, k.id
            """)
    List<PlaceRow> places(long account);

    @Insert("""
            insert ignore into member (kitchen_id, account_id, role, since)
            values (#{kitchen}, #{account}, #{role}, #{at})
            """)
    int add(
            @Param("kitchen") long kitchen,
            @Param("account") long account,
            @Param("role") String role,
            @Param("at") LocalDateTime at);

    @Update("update member set role = #{role} where kitchen_id = #{kitchen} and account_id = #{account}")
    int change(@Param("kitchen") long kitchen, @Param("account") long account, @Param("role") String role);

    @Delete("delete from member where kitchen_id = #{kitchen} and account_id = #{account}")
    int remove(@Param("kitchen") long kitchen, @Param("account") long account);

    @Update("update account set kitchen_id = #{kitchen} where id = #{account}")
    void cameTo(@Param("account") long account, @Param("kitchen") @Nullable Long kitchen);

    @Insert("""
            insert into invitation (kitchen_id, role, name, word_hash, made_by, ends_at)
            values (#{kitchen}, #{role}, #{name}, #{hash}, #{by}, #{ends})
            """)
    // Wide: a row.
    void invite(
            @Param("kitchen") long kitchen,
            @Param("role") String role,
            @Param("name") String name,
            @Param("hash") String hash,
            @Param("by") String by,
            @Param("ends") LocalDateTime ends);

    @Select("""
            select id, kitchen_id, role, name, made_by, ends_at from invitation where word_hash = #{hash} and ends_at > #{now}
            """)
    Optional<InvitationRow> invitation(@Param("hash") String hash, @Param("now") LocalDateTime now);

    @Select("""
            select id, kitchen_id, role, name, made_by, ends_at from invitation
            where kitchen_id = #{kitchen} and ends_at > #{now} order by id
            """)
    List<InvitationRow> invitations(@Param("kitchen") long kitchen, @Param("now") LocalDateTime now);

    @Delete("delete from invitation where word_hash = #{hash} and ends_at > #{now}")
    int useInvitation(@Param("hash") String hash, @Param("now") LocalDateTime now);

    @Delete("delete from invitation where kitchen_id = #{kitchen} and id = #{id}")
    int endInvitation(@Param("kitchen") long kitchen, @Param("id") long id);

    @Delete("delete from invitation where ends_at <= #{now}")
    int forgetInvitations(LocalDateTime now);

    @Insert("""
            insert into stove_device (kitchen_id, name, secret_hash, paired_at, used_at)
            values (#{kitchen}, #{name}, #{hash}, #{at}, #{at})
            """)
    void pair(
            @Param("kitchen") long kitchen,
            @Param("name") String name,
            @Param("hash") String hash,
            @Param("at") LocalDateTime at);

    @Select("select id, kitchen_id, name, paired_at, used_at from stove_device where secret_hash = #{hash}")
    Optional<DeviceRow> deviceOf(String hash);

    @Select("""
            select id, kitchen_id, name, paired_at, used_at from stove_device where kitchen_id = #{kitchen} order by id
            """)
    List<DeviceRow> devices(long kitchen);

    @Select("""
            select id, kitchen_id, name, paired_at, used_at from stove_device where kitchen_id = #{kitchen} and id = #{id}
            """)
    Optional<DeviceRow> device(@Param("kitchen") long kitchen, @Param("id") long id);

    @Update("update stove_device set used_at = #{at} where id = #{id}")
    void deviceUsed(@Param("id") long id, @Param("at") LocalDateTime at);

    @Delete("delete from stove_device where kitchen_id = #{kitchen} and id = #{id}")
    int endDevice(@Param("kitchen") long kitchen, @Param("id") long id);

    @Update("update kitchen set goes_at = #{at} where id = #{kitchen} and not demo")
    int kitchenGoes(@Param("kitchen") long kitchen, @Param("at") @Nullable LocalDateTime at);

    @Update("update account set goes_at = #{at} where id = #{account}")
    int accountGoes(@Param("account") long account, @Param("at") @Nullable LocalDateTime at);

    @Select("select goes_at from account where id = #{account}")
    @Nullable
    LocalDateTime accountsEnd(long account);

    @Select("select id from kitchen where goes_at <= #{now}")
    List<Long> kitchensDue(LocalDateTime now);

    @Select("select id from account where goes_at <= #{now}")
    List<Long> accountsDue(LocalDateTime now);

    @Select("select login from account where id = #{account}")
    Optional<String> login(long account);

    @Delete("delete from known_device where account_id = #{account}")
    void forgetDevices(long account);

    @Delete("delete from account where id = #{account}")
    void deleteAccount(long account);
}
