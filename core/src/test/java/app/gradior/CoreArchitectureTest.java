package app.gradior;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import org.junit.jupiter.api.Test;

@AnalyzeClasses(packages = "app.gradior", importOptions = ImportOption.DoNotIncludeTests.class)
class CoreArchitectureTest {
    @ArchTest
    static final ArchRule ideasFormNoCycle =
            slices().matching("app.gradior.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule coreKnowsNoFramework = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.springframework..", "java.sql..", "jakarta..", "org.apache.ibatis..");

    @ArchTest
    static final ArchRule coreHasNoClock = noClasses()
            .should()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .callMethod(System.class, "nanoTime")
            .orShould()
            .dependOnClassesThat()
            .haveFullyQualifiedName("java.time.Clock");

    /** What is in the pots of practice is no business of the model's. */
    @ArchTest
    static final ArchRule onlyPracticeKnowsTheJudge = noClasses()
            .that()
            .resideOutsideOfPackages("app.gradior.judge..", "app.gradior.practice..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("app.gradior.judge..");

    /** What judges the model shares nothing with it. */
    @Test
    void theJudgeKnowsNoneOfUs() {
        noClasses()
                .that()
                .haveSimpleNameNotEndingWith("Test")
                .should()
                .dependOnClassesThat(resideInAPackage("app.gradior..").and(not(resideInAPackage("app.gradior.judge"))))
                .check(new ClassFileImporter().importPackages("app.gradior.judge"));
    }
}
