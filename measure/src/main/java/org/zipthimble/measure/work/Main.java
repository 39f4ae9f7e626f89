package org.zipthimble.measure.work;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Supplier;
import picocli.CommandLine.Command;

/** {@code zip-thimble bench}, {@code shapes} and {@code pictures}: how long the main work takes on this machine. */
@Command(name = "zip-thimble", mixinStandardHelpOptions = true, description = "States how long the main work takes on this machine.")
public final class Main {
  private static final List<Supplier<Object>> COMMANDS = List.of(Bench::new, ShapesBench::new, PicturesBench::new);

  private Main() {}

  /** Runs a command and ends with its code. */
  public static void main(String[] arguments) {
    System.exit(run(new PrintWriter(System.out, true, StandardCharsets.UTF_8), new PrintWriter(System.err, true, StandardCharsets.UTF_8),
        arguments));
  }

  static int run(PrintWriter out, PrintWriter err, String... arguments) {
    return org.zipthimble.cli.Main.run(new Main(), COMMANDS, out, err, arguments);
  }
}
