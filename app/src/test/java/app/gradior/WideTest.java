package app.gradior;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaCodeUnit;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/** A record of more than twelve components, and a method of more than six parameters, has its reason beside it. */
class WideTest {
    private static final int MOST_COMPONENTS = 12;
    private static final int MOST_PARAMETERS = 6;

    @Test
    void whatIsWideSaysWhy() throws IOException {
        Map<String, Set<String>> wide = new TreeMap<>();
        for (JavaClass type : new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests())
                .importPackages("app.gradior")) {
            Set<String> found = new TreeSet<>();
            if (type.isRecord() && type.reflect().getRecordComponents().length > MOST_COMPONENTS) {
                found.add("record " + type.getSimpleName());
            }
            for (JavaCodeUnit unit : type.getCodeUnits()) {
                boolean written = !unit.getName().contains("$") && !(type.isRecord() && unit.isConstructor());
                int hidden = type.isEnum() && unit.isConstructor() ? 2 : 0;
                if (written && unit.getRawParameterTypes().size() - hidden > MOST_PARAMETERS) {
                    found.add(type.getSimpleName() + "." + unit.getName()
                            + unit.getRawParameterTypes().size());
                }
            }
            if (!found.isEmpty()) {
                String file = type.getName().replaceAll("\\$.*", "").replace('.', '/') + ".java";
                wide.computeIfAbsent(file, f -> new TreeSet<>()).addAll(found);
            }
        }
        assertThat(wide).hasSizeGreaterThan(20);
        for (Map.Entry<String, Set<String>> file : wide.entrySet()) {
            Path app = Path.of("src/main/java").resolve(file.getKey());
            Path source =
                    Files.exists(app) ? app : Path.of("../core/src/main/java").resolve(file.getKey());
            long reasons = Files.readAllLines(source).stream()
                    .filter(line -> line.strip().startsWith("// Wide: "))
                    .count();
            assertThat(reasons)
                    .as(file.getKey() + " " + file.getValue())
                    .isGreaterThanOrEqualTo(file.getValue().size());
        }
    }
}
