package org.ablebatch.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;

@AnalyzeClasses(packages = "org.ablebatch", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {
  @ArchTest
  static final ArchRule coreAndCodecKnowNoServer =
      noClasses()
          .that()
          .resideInAnyPackage("org.ablebatch.core..", "org.ablebatch.codec..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("org.ablebatch.server..", "org.springframework..", "jakarta..");

  @ArchTest
  static final ArchRule coreKnowsNoCodec =
      noClasses()
          .that()
          .resideInAPackage("org.ablebatch.core..")
          .should()
          .dependOnClassesThat()
          .resideInAPackage("org.ablebatch.codec..");

  @ArchTest
  static final ArchRule controllersStayInTheirRoom =
      classes().that().haveSimpleNameEndingWith("Controller").should().bePackagePrivate();

  @ArchTest
  static final ArchRule controllersTranslateAndDoNotFetch =
      noClasses()
          .that()
          .haveSimpleNameEndingWith("Controller")
          .should()
          .dependOnClassesThat()
          .haveSimpleNameEndingWith("Repository");

  @ArchTest
  static final ArchRule noRoomKnowsOneThatKnowsIt =
      SlicesRuleDefinition.slices()
          .matching("org.ablebatch.server.(*)..")
          .should()
          .beFreeOfCycles();
}
