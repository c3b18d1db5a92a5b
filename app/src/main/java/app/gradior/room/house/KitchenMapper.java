package app.gradior.room.house;

import app.gradior.kept.Inserted;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Kitchens and the tokens that speak for them. */
@Mapper
interface KitchenMapper {
    @Insert("""
            insert into kitchen (name, measures, fahrenheit, ounces, altitude_m, time_zone, demo, language)
            values (#{row.name}, #{row.measures}, #{row.fahrenheit}, #{row.ounces}, #{row.altitudeM}, #{row.timeZone}, #{row.demo},
                #{row.language})
            """)
    @Options(useGeneratedKeys = true, keyProperty = "key.id")
    void insert(@Param("row") KitchenRow row, @Param("key") Inserted key);

    @Update("""
            update kitchen set name = #{name}, measures = #{measures}, fahrenheit = #{fahrenheit}, ounces = #{ounces}, altitude_m = #{altitudeM},
                time_zone = #{timeZone}, language = #{language}, revision = revision + 1
            where id = #{id} and revision = #{revision}
            """)
    int update(KitchenRow row);

    @Select(
            "select id, name, measures, fahrenheit, ounces, altitude_m, time_zone, demo, language, revision from kitchen where id = #{kitchenId}")
    Optional<KitchenRow> find(long kitchenId);

    /** The kitchen's id, held until the transaction ends. */
    @Select("select id from kitchen where id = #{kitchenId} for update")
    Optional<Long> lock(long kitchenId);

    @Select("select id from kitchen order by id")
    List<Long> all();

    @Select(
            "select id, name, measures, fahrenheit, ounces, altitude_m, time_zone, demo, language, revision from kitchen where demo = true limit 1")
    Optional<KitchenRow> findDemo();

    @Insert("""
            insert into api_token (kitchen_id, label, token_hash, scope, created_at, expires_at)
            values (#{kitchenId}, #{label}, #{tokenHash}, #{scope}, #{createdAt}, #{expiresAt})
            on duplicate key update expires_at = greatest(expires_at, #{expiresAt})
            """)
    void insertToken(
            @Param("kitchenId") long kitchenId,
            @Param("label") String label,
            @Param("tokenHash") String tokenHash,
            @Param("scope") String scope,
            @Param("createdAt") LocalDateTime createdAt,
            @Param("expiresAt") LocalDateTime expiresAt);

    @Select("""
            select id, kitchen_id, label, scope, created_at, expires_at, last_used_at
            from api_token where token_hash = #{tokenHash} and expires_at > #{now}
            """)
    Optional<KitchenToken> findToken(@Param("tokenHash") String tokenHash, @Param("now") LocalDateTime now);

    @Select("select count(*) from api_token where id = #{id} and expires_at > #{now}")
    int countToken(@Param("id") long id, @Param("now") LocalDateTime now);

    @Update("update api_token set last_used_at = #{now} where id = #{id}")
    void tokenUsed(@Param("id") long id, @Param("now") LocalDateTime now);

    @Select("""
            select id, kitchen_id, label, scope, created_at, expires_at, last_used_at
            from api_token where kitchen_id = #{kitchenId} order by id
            """)
    List<KitchenToken> tokens(long kitchenId);

    @Delete("delete from api_token where id = #{id} and kitchen_id = #{kitchenId}")
    int deleteToken(@Param("kitchenId") long kitchenId, @Param("id") long id);
}
