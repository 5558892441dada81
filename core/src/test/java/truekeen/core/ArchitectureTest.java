package truekeen.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.Architectures;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** The floor plan of the core: packages stack, nothing looks up, nothing foreign comes in. */
class ArchitectureTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("truekeen.core");
    private static final String[] BOTTOM_UP = {
        "message",
        "quantity",
        "table",
        "advice",
        "grit",
        "abrasive",
        "steel",
        "tool",
        "machine",
        "section",
        "profile",
        "setup",
        "holding",
        "template",
        "balance",
        "angle",
        "rule",
        "job",
        "condition",
        "removal",
        "hand",
        "heat",
        "ink",
        "keenness",
        "progression",
        "care",
        "repair",
        "blade",
        "fault",
        "finish",
        "upkeep",
        "trial",
        "ticket",
        "stepsheet",
        "powered",
        "bench",
        "rehearsal",
        "training",
        "day",
        "reference"
    };

    @Test
    void theFloorPlanOfThosePeopleReadIsThisOne() throws IOException {
        String plan = Files.readString(Path.of("../CONTRIBUTING.md")).replaceAll("\\s+", " ");
        assertThat(plan)
                .contains("Inside `core/` packages stack, each knowing only those before it: "
                        + String.join(" → ", BOTTOM_UP) + ".");
    }

    @Test
    void knowsNoFrameworkStoreOrWire() {
        classes()
                .that()
                .resideInAPackage("truekeen.core..")
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage(
                        "truekeen.core..",
                        "java..",
                        "org.apache.commons.csv..",
                        "org.hipparchus..",
                        "ai.timefold.solver..",
                        "org.locationtech.jts..")
                .check(CORE);
    }

    @Test
    void packagesStackInOneDirection() {
        var plan = Architectures.layeredArchitecture().consideringOnlyDependenciesInLayers();
        for (String name : BOTTOM_UP) {
            plan = plan.layer(name).definedBy("truekeen.core." + name + "..");
        }
        for (int i = 0; i < BOTTOM_UP.length; i++) {
            String[] above = java.util.Arrays.copyOfRange(BOTTOM_UP, i + 1, BOTTOM_UP.length);
            plan = above.length == 0
                    ? plan.whereLayer(BOTTOM_UP[i]).mayNotBeAccessedByAnyLayer()
                    : plan.whereLayer(BOTTOM_UP[i]).mayOnlyBeAccessedByLayers(above);
        }
        plan.check(CORE);
    }

    @Test
    void theGeometryOfLinesServesProfilesAndNotTheSectionKernel() {
        noClasses()
                .that()
                .resideOutsideOfPackage("truekeen.core.profile..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("org.locationtech.jts..")
                .check(CORE);
    }

    @Test
    void packagesHaveNoLoops() {
        slices().matching("truekeen.core.(*)..").should().beFreeOfCycles().check(CORE);
    }
}
