package app.gradior.room.kit;

import app.gradior.kept.Inserted;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Pots, burners, jars and water tests of a kitchen. */
@Mapper
interface KitMapper {
    @Insert("""
            insert into pot (kitchen_id, name, top_diameter_mm, base_diameter_mm, height_mm, corner_mm, empty_g, material, lid,
                retired, outline, top_width_mm, base_width_mm, burners)
            values (#{kitchenId}, #{name}, #{topDiameterMm}, #{baseDiameterMm}, #{heightMm}, #{cornerMm}, #{emptyG},
                    #{material}, #{lid}, #{retired}, #{outline}, #{topWidthMm}, #{baseWidthMm}, #{burners})
            """)
    void insertPot(KeptPot row);

    @Update("""
            update pot set name = #{name}, top_diameter_mm = #{topDiameterMm}, base_diameter_mm = #{baseDiameterMm},
                height_mm = #{heightMm}, corner_mm = #{cornerMm}, empty_g = #{emptyG}, material = #{material}, lid = #{lid},
                retired = #{retired}, outline = #{outline}, top_width_mm = #{topWidthMm}, base_width_mm = #{baseWidthMm},
                burners = #{burners}, revision = revision + 1
            where id = #{id} and kitchen_id = #{kitchenId} and revision = #{revision}
            """)
    int updatePot(KeptPot row);

    @Delete("delete from pot where id = #{id} and kitchen_id = #{kitchenId}")
    int removePot(@Param("kitchenId") long kitchenId, @Param("id") long id);

    /** Whether a batch, a lesson, a water test or a plan that is kept names the pot, or the burner; none is 0. */
    @Select("""
            select exists (select 1 from batch where kitchen_id = #{kitchenId} and (pot_id = #{pot} or burner_id = #{burner}))
                or exists (select 1 from lesson where kitchen_id = #{kitchenId} and (pot_id = #{pot} or burner_id = #{burner}))
                or exists (select 1 from water_test
                    where kitchen_id = #{kitchenId} and (pot_id = #{pot} or burner_id = #{burner}))
                or exists (select 1 from plan where kitchen_id = #{kitchenId}
                    and (#{pot} > 0 and #{pot} in (json_value(draft, '$.potId'), json_value(draft, '$.otherPotId'))
                      or #{burner} > 0 and #{burner} in (json_value(draft, '$.burnerId'), json_value(draft, '$.otherBurnerId'))))
            """)
    boolean uses(@Param("kitchenId") long kitchenId, @Param("pot") long pot, @Param("burner") long burner);

    @Select("""
            select id, kitchen_id, name, top_diameter_mm, base_diameter_mm, height_mm, corner_mm, empty_g, material, lid, retired,
                revision, outline, top_width_mm, base_width_mm, burners
            from pot where kitchen_id = #{kitchenId} order by id
            """)
    List<KeptPot> pots(long kitchenId);

    @Select("""
            select id, kitchen_id, name, top_diameter_mm, base_diameter_mm, height_mm, corner_mm, empty_g, material, lid, retired,
                revision, outline, top_width_mm, base_width_mm, burners
            from pot where kitchen_id = #{kitchenId} and id = #{id}
            """)
    Optional<KeptPot> findPot(@Param("kitchenId") long kitchenId, @Param("id") long id);

    @Insert(
            "insert into burner (kitchen_id, name, type, net_power_w, retired) values (#{kitchenId}, #{name}, #{type}, #{netPowerW}, #{retired})")
    void insertBurner(KitBurner row);

    @Update("""
            update burner set name = #{name}, type = #{type}, net_power_w = #{netPowerW}, retired = #{retired},
                revision = revision + 1
            where id = #{id} and kitchen_id = #{kitchenId} and revision = #{revision}
            """)
    int updateBurner(KitBurner row);

    @Delete("delete from burner where id = #{id} and kitchen_id = #{kitchenId}")
    int removeBurner(@Param("kitchenId") long kitchenId, @Param("id") long id);

    @Select(
            "select id, kitchen_id, name, type, net_power_w, retired, revision from burner where kitchen_id = #{kitchenId} order by id")
    List<KitBurner> burners(long kitchenId);

    @Select("""
            select id, kitchen_id, name, type, net_power_w, retired, revision from burner where kitchen_id = #{kitchenId} and id = #{id}
            """)
    Optional<KitBurner> findBurner(@Param("kitchenId") long kitchenId, @Param("id") long id);

    @Insert("""
            insert into jar (kitchen_id, name, brim_ml, fill_ml, count)
            values (#{kitchenId}, #{name}, #{brimMl}, #{fillMl}, #{count})
            """)
    void insertJar(KeptJar row);

    @Update("""
            update jar set count = #{count}, revision = revision + 1
            where id = #{id} and kitchen_id = #{kitchenId} and revision = #{revision}
            """)
    int countJars(
            @Param("kitchenId") long kitchenId,
            @Param("id") long id,
            @Param("count") int count,
            @Param("revision") int revision);

    @Delete("delete from jar where id = #{id} and kitchen_id = #{kitchenId}")
    int removeJar(@Param("kitchenId") long kitchenId, @Param("id") long id);

    @Select(
            "select id, kitchen_id, name, brim_ml, fill_ml, count, revision from jar where kitchen_id = #{kitchenId} order by fill_ml")
    List<KeptJar> jars(long kitchenId);

    @Insert("""
            insert into water_test (kitchen_id, pot_id, burner_id, started_at, start_g, look)
            values (#{row.kitchenId}, #{row.potId}, #{row.burnerId}, #{row.startedAt}, #{row.startG}, #{row.look})
            """)
    @Options(useGeneratedKeys = true, keyProperty = "key.id")
    void insertTest(@Param("row") KitWaterTest row, @Param("key") Inserted key);

    @Update("""
            update water_test set end_g = #{endG}, minutes = #{minutes}, pair_factor = #{pairFactor}, log_sd = #{logSd}
            where id = #{id} and kitchen_id = #{kitchenId} and end_g is null
            """)
    int endTest(KitWaterTest row);

    @Delete("delete from water_test where id = #{id} and kitchen_id = #{kitchenId}")
    int removeTest(@Param("kitchenId") long kitchenId, @Param("id") long id);

    @Select("""
            select id, kitchen_id, pot_id, burner_id, started_at, start_g, look, end_g, minutes, pair_factor, log_sd
            from water_test where kitchen_id = #{kitchenId} order by id
            """)
    List<KitWaterTest> tests(long kitchenId);
}
