package mildlantern;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The house has its order: a room uses only the rooms below it, and nothing in the core knows a framework. */
@AnalyzeClasses(packages = "mildlantern", importOptions = ImportOption.DoNotIncludeTests.class)
class RoomsTest {
    @ArchTest
    static final ArchRule ROOMS_USE_ONLY_ROOMS_BELOW = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("cases")
            .definedBy("mildlantern.cases")
            .layer("round")
            .definedBy("mildlantern.round")
            .layer("diagnosis")
            .definedBy("mildlantern.diagnosis")
            .layer("treatment")
            .definedBy("mildlantern.treatment")
            .layer("plant")
            .definedBy("mildlantern.plant")
            .layer("knowledge")
            .definedBy("mildlantern.knowledge")
            .layer("quantity")
            .definedBy("mildlantern.quantity")
            .whereLayer("cases")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("round")
            .mayOnlyBeAccessedByLayers("cases")
            .whereLayer("diagnosis")
            .mayOnlyBeAccessedByLayers("cases", "round")
            .whereLayer("treatment")
            .mayOnlyBeAccessedByLayers("cases", "round", "diagnosis")
            .whereLayer("plant")
            .mayOnlyBeAccessedByLayers("cases", "round", "diagnosis", "treatment")
            .whereLayer("knowledge")
            .mayOnlyBeAccessedByLayers("cases", "round", "diagnosis", "treatment", "plant");

    @ArchTest
    static final ArchRule NO_FRAMEWORK_IN_THE_CORE = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "org.springframework..", "jakarta..", "java.sql..", "org.hibernate..", "org.thymeleaf..");
}
