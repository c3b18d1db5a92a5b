package app.gradior.store;

import app.gradior.store.Rows.BurnerRow;
import app.gradior.store.Rows.PotRow;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Pots and burners of a kitchen. */
public interface KitMapper {
    @Insert("""
            insert into pot (kitchen_id, name, top_diameter_mm, base_diameter_mm, height_mm, empty_g, material)
            values (#{kitchenId}, #{name}, #{topDiameterMm}, #{baseDiameterMm}, #{heightMm}, #{emptyG}, #{material})
            """)
    void insertPot(PotRow row);

    @Select("""
            select id, kitchen_id, name, top_diameter_mm, base_diameter_mm, height_mm, empty_g, material
            from pot where kitchen_id = #{kitchenId} order by id
            """)
    List<PotRow> pots(long kitchenId);

    @Select("""
            select id, kitchen_id, name, top_diameter_mm, base_diameter_mm, height_mm, empty_g, material
            from pot where kitchen_id = #{kitchenId} and id = #{id}
            """)
    Optional<PotRow> findPot(@Param("kitchenId") long kitchenId, @Param("id") long id);

    @Insert("insert into burner (kitchen_id, name, net_power_w) values (#{kitchenId}, #{name}, #{netPowerW})")
    void insertBurner(BurnerRow row);

    @Select("select id, kitchen_id, name, net_power_w from burner where kitchen_id = #{kitchenId} order by id")
    List<BurnerRow> burners(long kitchenId);

    @Select("select id, kitchen_id, name, net_power_w from burner where kitchen_id = #{kitchenId} and id = #{id}")
    Optional<BurnerRow> findBurner(@Param("kitchenId") long kitchenId, @Param("id") long id);
}
