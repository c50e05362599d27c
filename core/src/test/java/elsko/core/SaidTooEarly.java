package elsko.core;

import com.sun.source.tree.BinaryTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.ExpressionTree;
import com.sun.source.tree.MethodInvocationTree;
import com.sun.source.tree.Tree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.TreePath;
import com.sun.source.util.TreePathScanner;
import com.sun.source.util.Trees;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import javax.lang.model.type.TypeMirror;
import javax.tools.JavaCompiler;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;

/**
 * Where a text or a quantity slips into a string by the way and so is said in metric units before
 * anybody reads it: what a compiler lets pass. Said on purpose it says so: {@code toString()}.
 */
public final class SaidTooEarly {
  private static final Set<String> TAKE_ANYTHING =
      Set.of("formatted", "format", "valueOf", "append", "join", "printf");
  private static final Set<String> SAID_LATE =
      Set.of(Text.class.getName(), Quantity.class.getName());

  private SaidTooEarly() {}

  /** Each as file and line. */
  public static List<String> in(Path sources) throws IOException {
    List<Path> files;
    try (Stream<Path> all = Files.walk(sources)) {
      files = all.filter(file -> file.toString().endsWith(".java")).toList();
    }
    JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
    List<String> found = new ArrayList<>();
    try (StandardJavaFileManager manager = compiler.getStandardFileManager(null, null, null)) {
      JavacTask task =
          (JavacTask)
              compiler.getTask(
                  null,
                  manager,
                  warning -> {},
                  List.of("-proc:none", "-cp", System.getProperty("java.class.path")),
                  null,
                  manager.getJavaFileObjectsFromPaths(files));
      List<CompilationUnitTree> units = new ArrayList<>();
      task.parse().forEach(units::add);
      task.analyze();
      Trees trees = Trees.instance(task);
      units.forEach(unit -> new Scanner(trees, unit, found).scan(unit, null));
    }
    return found;
  }

  private static final class Scanner extends TreePathScanner<Void, Void> {
    private final Trees trees;
    private final CompilationUnitTree unit;
    private final List<String> found;

    Scanner(Trees trees, CompilationUnitTree unit, List<String> found) {
      this.trees = trees;
      this.unit = unit;
      this.found = found;
    }

    @Override
    public Void visitBinary(BinaryTree sum, Void nothing) {
      if (sum.getKind() == Tree.Kind.PLUS
          && (isSaidLate(sum.getLeftOperand()) || isSaidLate(sum.getRightOperand()))) {
        add(sum);
      }
      return super.visitBinary(sum, nothing);
    }

    @Override
    public Void visitMethodInvocation(MethodInvocationTree call, Void nothing) {
      String name = call.getMethodSelect().toString();
      if (TAKE_ANYTHING.contains(name.substring(name.lastIndexOf('.') + 1))
          && call.getArguments().stream().anyMatch(this::isSaidLate)) {
        add(call);
      }
      return super.visitMethodInvocation(call, nothing);
    }

    private boolean isSaidLate(ExpressionTree part) {
      TypeMirror type = trees.getTypeMirror(new TreePath(getCurrentPath(), part));
      return type != null && SAID_LATE.contains(type.toString());
    }

    private void add(Tree where) {
      long at = trees.getSourcePositions().getStartPosition(unit, where);
      found.add(unit.getSourceFile().getName() + ":" + unit.getLineMap().getLineNumber(at));
    }
  }
}
