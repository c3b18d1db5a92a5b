package app.gradior;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.methods;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import org.apache.ibatis.annotations.Select;

@AnalyzeClasses(packages = "app.gradior", importOptions = ImportOption.DoNotIncludeTests.class)
class AppArchitectureTest {
    @ArchTest
    static final ArchRule importsRunOneWay = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("web")
            .definedBy("app.gradior.web..")
            .layer("rooms")
            .definedBy("app.gradior.room..")
            .layer("access")
            .definedBy("app.gradior.access..")
            .whereLayer("web")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("rooms")
            .mayOnlyBeAccessedByLayers("web");

    @ArchTest
    static final ArchRule noCirclesAmongRooms =
            slices().matching("app.gradior.room.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule webSeesNoTable = noClasses()
            .that()
            .resideInAPackage("app.gradior.web..")
            .should()
            .dependOnClassesThat()
            .haveNameMatching("app\\.gradior\\.room\\..*(Row|Mapper)");

    /** Whoever needs what a room keeps asks the room: rows and mappers are seen by nobody else. */
    @ArchTest
    static final ArchRule tablesBelongToTheirRooms = classes()
            .that()
            .resideInAnyPackage("app.gradior.room..", "app.gradior.access..")
            .and()
            .haveNameMatching(".*(Row|Mapper)")
            .and()
            .areTopLevelClasses()
            .should()
            .notBePublic();

    @ArchTest
    static final ArchRule noCirclesAmongTheWebsRooms =
            slices().matching("app.gradior.web.(*)..").should().beFreeOfCycles();

    /** Every query over a kitchen's data carries the kitchen. */
    @ArchTest
    static final ArchRule queriesAreScoped = methods()
            .that()
            .areAnnotatedWith(Select.class)
            .and()
            .areDeclaredInClassesThat()
            .haveSimpleNameNotStartingWith("KitchenMapper")
            .and()
            .areDeclaredInClassesThat()
            .resideOutsideOfPackages("app.gradior.access..", "app.gradior.nodes..")
            .should(new com.tngtech.archunit.lang.ArchCondition<>("name kitchen_id in its where") {
                @Override
                public void check(
                        com.tngtech.archunit.core.domain.JavaMethod method,
                        com.tngtech.archunit.lang.ConditionEvents events) {
                    String sql = String.join(
                            " ", method.getAnnotationOfType(Select.class).value());
                    if (!sql.contains("kitchen_id = #{kitchenId}")) {
                        events.add(com.tngtech.archunit.lang.SimpleConditionEvent.violated(
                                method, method.getFullName() + " is not scoped by kitchen"));
                    }
                }
            });
}
