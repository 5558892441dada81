package truekeen.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.AccessTarget;
import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaAccess;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.Architectures;
import jakarta.persistence.Entity;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.data.repository.Repository;
import org.springframework.web.bind.annotation.RestController;

/** The floor plan of the service: one package for each place, dependencies one way, entities at home. */
class ArchitectureTest {
    private static final JavaClasses APP = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("truekeen.app");
    private static final String[] BOTTOM_UP = {
        "platform",
        "store",
        "history",
        "backup",
        "units",
        "device",
        "reference",
        "shop",
        "kit",
        "hand",
        "tool",
        "change",
        "machine",
        "profile",
        "houserule",
        "survey",
        "angle",
        "print",
        "access",
        "repair",
        "plan",
        "rehearsal",
        "training",
        "bench",
        "ink",
        "balance",
        "edgetest",
        "finish",
        "upkeep",
        "trial",
        "readiness",
        "log",
        "board",
        "day",
        "ticket",
        "demo"
    };

    @Test
    void theFloorPlanOfThosePeopleReadIsThisOne() throws IOException {
        String plan = Files.readString(Path.of("../CONTRIBUTING.md")).replaceAll("\\s+", " ");
        assertThat(plan).contains("Inside `app/`: " + String.join(" → ", BOTTOM_UP) + ".");
    }

    @Test
    void placesDependOneWay() {
        var plan = Architectures.layeredArchitecture().consideringOnlyDependenciesInLayers();
        for (String name : BOTTOM_UP) {
            plan = plan.layer(name).definedBy("truekeen.app." + name + "..");
        }
        for (int i = 0; i < BOTTOM_UP.length; i++) {
            String[] above = Arrays.copyOfRange(BOTTOM_UP, i + 1, BOTTOM_UP.length);
            plan = above.length == 0
                    ? plan.whereLayer(BOTTOM_UP[i]).mayNotBeAccessedByAnyLayer()
                    : plan.whereLayer(BOTTOM_UP[i]).mayOnlyBeAccessedByLayers(above);
        }
        plan.check(APP);
        slices().matching("truekeen.app.(*)..").should().beFreeOfCycles().check(APP);
    }

    /** Nothing is left out of the plan: a new package takes its place in it first. */
    @Test
    void everyPackageHasItsPlace() {
        assertThat(APP.stream()
                        .map(JavaClass::getPackageName)
                        .filter(n -> n.startsWith("truekeen.app."))
                        .map(n -> n.split("\\.")[2])
                        .distinct())
                .containsExactlyInAnyOrder(BOTTOM_UP);
    }

    /** Between places travel domain types: the records of a place's wire are its own. */
    @Test
    void noPlaceKnowsTheWireOfAnother() {
        assertThat(APP.stream()
                        .filter(type -> type.getSimpleName().endsWith("Service"))
                        .flatMap(type -> type.getDirectDependenciesFromSelf().stream())
                        .filter(d -> d.getTargetClass().getName().matches(".*Records(\\$.*)?"))
                        .filter(d -> !d.getTargetClass()
                                .getPackageName()
                                .equals(d.getOriginClass().getPackageName()))
                        .map(Dependency::getDescription)
                        // What a place shows it may make of the core's types by the drawings and echoes of another.
                        .filter(d -> !d.contains(".of(")))
                .isEmpty();
    }

    @Test
    void noTwoRecordsShareANameSinceTheDescriptionOfTheServiceWouldMixThemUp() {
        List<String> names = APP.stream()
                .filter(c -> c.isRecord() && c.getModifiers().contains(JavaModifier.PUBLIC))
                .map(JavaClass::getSimpleName)
                .toList();
        assertThat(names).doesNotHaveDuplicates();
    }

    @Test
    void entitiesAndTheirStoresNeverLeaveTheirPackage() {
        classes()
                .that()
                .areAnnotatedWith(Entity.class)
                .should()
                .bePackagePrivate()
                .check(APP);
        classes()
                .that()
                .areAssignableTo(Repository.class)
                .should()
                .bePackagePrivate()
                .check(APP);
        classes()
                .that()
                .areAnnotatedWith(RestController.class)
                .should()
                .bePackagePrivate()
                .check(APP);
    }

    /** A screen is sent the choice itself; only the formula of an advice is named, since its name is part of an address. */
    @Test
    void aScreenIsSentNoEnumerationAsAText() {
        DescribedPredicate<AccessTarget> name = DescribedPredicate.describe(
                "the name of an enumeration",
                target -> target.getName().equals("name") && target.getOwner().isEnum());
        noClasses()
                .that()
                .haveNameMatching(".*(View|Views|Records|Controller)(\\$.*)?")
                .and()
                .doNotHaveSimpleName("AdviceView")
                .should()
                .accessTargetWhere(JavaAccess.Predicates.target(name))
                .check(APP);
    }

    @Test
    void onlyTheClockKnowsTheTime() {
        noClasses()
                .that()
                .doNotHaveSimpleName("BenchClock")
                .should()
                .callMethod(java.time.Instant.class, "now")
                .orShould()
                .callMethod(java.time.LocalDate.class, "now")
                .check(APP);
    }
}
