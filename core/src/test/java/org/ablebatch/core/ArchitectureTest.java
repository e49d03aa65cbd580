package org.ablebatch.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "org.ablebatch.core", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {
  @ArchTest
  static final ArchRule coreComputesAndDoesNothingElse =
      noClasses()
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "java.awt..",
              "javax..",
              "java.io..",
              "java.nio.file..",
              "java.net..",
              "java.sql..",
              "org.springframework..",
              "jakarta..");

  @ArchTest
  static final ArchRule roomsDoNotGoInCircles =
      slices().matching("org.ablebatch.core.(*)..").should().beFreeOfCycles();
}
