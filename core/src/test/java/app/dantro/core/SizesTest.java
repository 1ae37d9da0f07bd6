package app.dantro.core;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.source.tree.ClassTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.MethodTree;
import com.sun.source.tree.Tree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.SourcePositions;
import com.sun.source.util.TreePathScanner;
import com.sun.source.util.Trees;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import javax.tools.JavaCompiler;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** No file and no method of the whole program grows beyond what one can hold in mind; records may have many named fields. */
class SizesTest {
    private static final int MOST_LINES = 250;
    private static final int USUAL_LINES = 150;
    private static final double USUAL_SHARE = 0.9;
    private static final int MOST_METHOD_LINES = 40;
    private static final int MOST_PARAMETERS = 6;
    private static final List<String> MODULES = List.of("core", "server", "acceptance");

    private static final List<String> LONG_METHODS = new ArrayList<>();
    private static final List<String> WIDE_METHODS = new ArrayList<>();

    @BeforeAll
    static void readAll() throws IOException {
        JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
        try (StandardJavaFileManager files = compiler.getStandardFileManager(null, null, null)) {
            List<Path> all = new ArrayList<>();
            for (String module : MODULES) {
                all.addAll(sources(module, "main"));
                all.addAll(sources(module, "test"));
            }
            JavacTask task =
                    (JavacTask) compiler.getTask(null, files, null, null, null, files.getJavaFileObjectsFromPaths(all));
            SourcePositions positions = Trees.instance(task).getSourcePositions();
            for (CompilationUnitTree unit : task.parse()) {
                new Methods(unit, positions).scan(unit, null);
            }
        }
    }

    @Test
    void noFileIsLongAndMostAreShort() throws IOException {
        for (String module : MODULES) {
            for (String kind : List.of("main", "test")) {
                List<Integer> lines = new ArrayList<>();
                for (Path source : sources(module, kind)) {
                    int count = Files.readAllLines(source).size();
                    assertThat(count).as(source.toString()).isLessThanOrEqualTo(MOST_LINES);
                    lines.add(count);
                }
                lines.sort(null);
                if (!lines.isEmpty()) {
                    assertThat(lines.get((int) (USUAL_SHARE * lines.size())))
                            .as("nine files of ten of %s, %s", module, kind)
                            .isLessThanOrEqualTo(USUAL_LINES);
                }
            }
        }
    }

    @Test
    void noMethodIsLong() {
        assertThat(LONG_METHODS).isEmpty();
    }

    @Test
    void noMethodTakesMoreThanAHandful() {
        assertThat(WIDE_METHODS).isEmpty();
    }

    private static List<Path> sources(String module, String kind) throws IOException {
        Path root = Path.of("..", module, "src", kind, "java");
        if (!Files.isDirectory(root)) {
            return List.of();
        }
        try (Stream<Path> files = Files.walk(root)) {
            return files.filter(f -> f.toString().endsWith(".java")).sorted().toList();
        }
    }

    /** Notes every method that is too long or takes too much. */
    private static final class Methods extends TreePathScanner<Void, Void> {
        private final CompilationUnitTree unit;
        private final SourcePositions positions;

        Methods(CompilationUnitTree unit, SourcePositions positions) {
            this.unit = unit;
            this.positions = positions;
        }

        @Override
        public Void visitMethod(MethodTree method, Void nothing) {
            String name = unit.getSourceFile().getName() + " " + method.getName();
            if (method.getBody() != null) {
                long lines = line(positions.getEndPosition(unit, method.getBody()))
                        - line(positions.getStartPosition(unit, method.getBody()))
                        + 1;
                if (lines > MOST_METHOD_LINES) {
                    LONG_METHODS.add(name + ": " + lines);
                }
            }
            boolean constructor = method.getName().contentEquals("<init>");
            boolean injected = constructor && isComponent();
            if (method.getParameters().size() > MOST_PARAMETERS && !injected && !ofRecord(constructor)) {
                WIDE_METHODS.add(name + ": " + method.getParameters().size());
            }
            return super.visitMethod(method, nothing);
        }

        private boolean ofRecord(boolean constructor) {
            return constructor && around().getKind() == Tree.Kind.RECORD;
        }

        /** What the container puts together takes what it needs, by type. */
        private boolean isComponent() {
            Set<String> marks = Set.of("Component", "Service", "RestController", "Configuration");
            return around().getModifiers().getAnnotations().stream()
                    .anyMatch(a -> marks.contains(a.getAnnotationType().toString()));
        }

        private ClassTree around() {
            return (ClassTree) getCurrentPath().getParentPath().getLeaf();
        }

        private long line(long position) {
            return unit.getLineMap().getLineNumber(position);
        }
    }
}
