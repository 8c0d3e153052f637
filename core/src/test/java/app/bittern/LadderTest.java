package app.bittern;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.belongToAnyOf;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.text.Normalizer;

/// Who may know whom in the core, and what nobody there may ask.
@AnalyzeClasses(packages = "app.bittern", importOptions = ImportOption.DoNotIncludeTests.class)
class LadderTest {
    @ArchTest
    static final ArchRule LADDER = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("number")
            .definedBy("app.bittern.number")
            .layer("hours")
            .definedBy("app.bittern.hours")
            .layer("plan")
            .definedBy("app.bittern.plan")
            .layer("edit")
            .definedBy("app.bittern.edit")
            .layer("call")
            .definedBy("app.bittern.call")
            .layer("effect")
            .definedBy("app.bittern.effect")
            .layer("telling")
            .definedBy("app.bittern.telling")
            .layer("callset")
            .definedBy("app.bittern.callset")
            .layer("graph")
            .definedBy("app.bittern.graph")
            .layer("witness")
            .definedBy("app.bittern.witness")
            .layer("paths")
            .definedBy("app.bittern.paths")
            .layer("promise")
            .definedBy("app.bittern.promise")
            .layer("finding")
            .definedBy("app.bittern.finding..")
            .layer("compare")
            .definedBy("app.bittern.compare")
            .layer("cover")
            .definedBy("app.bittern.cover")
            .layer("traffic")
            .definedBy("app.bittern.traffic")
            .layer("outline")
            .definedBy("app.bittern.outline")
            .layer("proof")
            .definedBy("app.bittern.proof")
            .layer("score")
            .definedBy("app.bittern.score")
            .layer("field")
            .definedBy("app.bittern.field")
            .whereLayer("proof")
            .mayOnlyBeAccessedByLayers("finding")
            .whereLayer("field")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("telling")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("score")
            .mayOnlyBeAccessedByLayers("finding")
            .whereLayer("compare")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("cover")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("traffic")
            .mayOnlyBeAccessedByLayers("finding")
            .whereLayer("outline")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("finding")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("promise")
            .mayOnlyBeAccessedByLayers("finding")
            .whereLayer("paths")
            .mayOnlyBeAccessedByLayers("promise", "finding", "compare", "cover")
            .whereLayer("witness")
            .mayOnlyBeAccessedByLayers("paths", "promise", "finding", "compare", "cover")
            .whereLayer("graph")
            .mayOnlyBeAccessedByLayers("witness", "paths", "promise", "finding", "compare", "cover")
            .whereLayer("callset")
            .mayOnlyBeAccessedByLayers("graph", "witness", "paths", "promise", "finding", "compare", "cover")
            .whereLayer("edit")
            .mayOnlyBeAccessedByLayers("finding")
            .whereLayer("effect")
            .mayOnlyBeAccessedByLayers("paths", "promise", "finding", "compare", "cover", "proof")
            .whereLayer("call")
            .mayOnlyBeAccessedByLayers(
                    "effect", "callset", "graph", "witness", "paths", "promise", "finding", "compare", "cover",
                    "outline", "proof", "score", "telling", "traffic")
            .whereLayer("plan")
            .mayOnlyBeAccessedByLayers(
                    "field", "edit", "effect", "call", "callset", "graph", "witness", "paths", "promise", "finding",
                    "compare", "cover", "outline", "proof", "score", "telling", "traffic")
            .whereLayer("hours")
            .mayOnlyBeAccessedByLayers(
                    "plan", "effect", "call", "callset", "graph", "witness", "paths", "promise", "finding", "compare",
                    "cover", "outline", "proof", "score", "telling", "traffic")
            .whereLayer("number")
            .mayOnlyBeAccessedByLayers(
                    "hours", "plan", "effect", "call", "callset", "graph", "witness", "paths", "promise", "finding",
                    "compare", "cover", "outline", "proof", "score", "telling", "traffic");

    @ArchTest
    static final ArchRule NO_FRAMEWORK_AND_NO_IO = classes()
            .that()
            .resideInAPackage("app.bittern..")
            .should()
            .onlyDependOnClassesThat(resideInAnyPackage(
                            "app.bittern..",
                            "java.lang..",
                            "java.util..",
                            "java.time..",
                            "java.math..",
                            "java.nio.charset..",
                            "java.security..",
                            "javax.crypto..",
                            "com.google.i18n.phonenumbers..",
                            "org.dmfs..",
                            "org.jspecify..")
                    // The one class of java.text that knows no locale.
                    .or(belongToAnyOf(Normalizer.class)));

    @ArchTest
    static final ArchRule NO_CLOCK = noClasses()
            .should()
            .callMethod(java.time.Instant.class, "now")
            .orShould()
            .callMethod(java.time.LocalDate.class, "now")
            .orShould()
            .callMethod(java.time.LocalDateTime.class, "now")
            .orShould()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .dependOnClassesThat()
            .areAssignableTo(java.util.Random.class);

    @ArchTest
    static final ArchRule NO_HASH_ORDER = noClasses()
            .should()
            .callMethod(java.util.Set.class, "copyOf", java.util.Collection.class)
            .orShould()
            .callMethod(java.util.Map.class, "copyOf", java.util.Map.class);
}
