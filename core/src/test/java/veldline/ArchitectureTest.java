package veldline;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/** Packages stand on each other in one order, ground floor first. */
class ArchitectureTest {
    private static final List<String> FLOORS = List.of(
            "quantity",
            "explain",
            "picture",
            "stock",
            "line",
            "field.wire",
            "field.solve",
            "field.pattern",
            "field.aperture",
            "feed",
            "antenna",
            "path",
            "link",
            "coverage",
            "measure",
            "raise",
            "build",
            "calc",
            "prove",
            "trim",
            "job",
            "assess",
            "study",
            "learn",
            "sheet",
            "instrument",
            "format",
            "store",
            "demo");

    private static final JavaClasses CLASSES = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("veldline");

    @TestFactory
    Stream<DynamicTest> noPackageLooksDown() {
        return IntStream.range(0, FLOORS.size() - 1)
                .mapToObj(i -> DynamicTest.dynamicTest(
                        FLOORS.get(i),
                        () -> noClasses()
                                .that()
                                .resideInAPackage("veldline." + FLOORS.get(i))
                                .should()
                                .dependOnClassesThat()
                                .resideInAnyPackage(FLOORS.subList(i + 1, FLOORS.size()).stream()
                                        .map(f -> "veldline." + f)
                                        .toArray(String[]::new))
                                .check(CLASSES)));
    }

    @Test
    void thereAreNoCircles() {
        SlicesRuleDefinition.slices()
                .matching("veldline.(**)")
                .should()
                .beFreeOfCycles()
                .check(CLASSES);
    }

    @Test
    void socketsAreOnlyInInstruments() {
        noClasses()
                .that()
                .resideOutsideOfPackage("veldline.instrument")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("java.net")
                .check(CLASSES);
    }

    @Test
    void filesAreOnlyInTheStore() {
        noClasses()
                .that()
                .resideOutsideOfPackages("veldline.store", "veldline.format")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("java.nio.file")
                .check(CLASSES);
    }

    @Test
    void thePhysicsKnowsNoClockAndNoChance() {
        noClasses()
                .that()
                .resideInAnyPackage(FLOORS.subList(0, FLOORS.indexOf("instrument")).stream()
                        .map(f -> "veldline." + f)
                        .toArray(String[]::new))
                .should()
                .callMethod(java.time.Instant.class, "now")
                .orShould()
                .dependOnClassesThat()
                .belongToAnyOf(java.util.Random.class, java.util.random.RandomGenerator.class)
                .check(CLASSES);
    }

    @Test
    void theCoreKnowsNoWindow() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("javafx..", "java.awt..", "javax.swing..")
                .check(CLASSES);
    }
}
