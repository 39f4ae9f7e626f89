package org.zipthimble.cli;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.zipthimble.core.check.words.OwnWords;
import org.zipthimble.core.edit.ListEdits;
import org.zipthimble.core.files.Folders;
import org.zipthimble.core.importer.Importers;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.picture.PdfPages;
import org.zipthimble.core.send.Content;
import org.zipthimble.core.send.OutputFormats;
import org.zipthimble.core.store.Settings;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** {@code zip-thimble make}, {@code check} and {@code preview}. */
@Command(
    name = "zip-thimble", mixinStandardHelpOptions = true,
    versionProvider = Main.Version.class, description = "Makes and checks print-ready files from .thimble jobs.")
public final class Main {
  /** The exit code when a job or an argument cannot be read. */
  public static final int UNREADABLE = 2;

  private static final List<Supplier<Object>> COMMANDS = List.of(Make::new, CheckCommand::new, Preview::new);

  private Main() {}

  /** The program's name and version. */
  static final class Version implements CommandLine.IVersionProvider {
    @Override
    public String[] getVersion() {
      return new String[] {Wording.text("cli.version")};
    }
  }

  /** Runs a command and ends with its code. */
  public static void main(String[] arguments) {
    CompletableFuture<Void> known = CompletableFuture.runAsync(
        () -> OwnWords.know(Settings.read(Folders.usual(System.getenv(), Path.of(System.getProperty("user.home"))).settingsFile())
        .words()), Ahead::run);
    if (arguments.length > 1) {
      Ahead.run(Ahead::paint);
    }
    PrintWriter out = new PrintWriter(System.out, true, StandardCharsets.UTF_8);
    PrintWriter err = new PrintWriter(System.err, true, StandardCharsets.UTF_8);
    Folders.cache(System.getenv(), Path.of(System.getProperty("user.home"))).ifPresent(PdfPages::keepListIn);
    Thread.setDefaultUncaughtExceptionHandler((thread, e) -> {
      err.println(Wording.text("cli.failed", e));
      Runtime.getRuntime().halt(UNREADABLE);
    });
    CommandLine line = line(new Main(), COMMANDS, out, err, arguments);
    known.join();
    System.exit(run(line, arguments));
  }

  /** A figure that is one: neither beyond all numbers nor none. */
  private static Double number(String text) {
    try {
      double value = Double.parseDouble(text);
      if (Double.isFinite(value)) {
        return value;
      }
    } catch (NumberFormatException none) {
      throw new CommandLine.TypeConversionException(Wording.text("cli.noNumber", text));
    }
    throw new CommandLine.TypeConversionException(Wording.text("cli.noNumber", text));
  }

  /** A job with a list in place of its own. */
  static Job filled(Job job, Path rows) throws Trouble {
    return ListEdits.take(Importers.table(rows, Optional.empty(), Optional.empty()).list()).change().apply(job);
  }

  static int run(PrintWriter out, PrintWriter err, String... arguments) {
    return run(new Main(), COMMANDS, out, err, arguments);
  }

  /** Runs one of some commands of a program; its code is {@link #UNREADABLE} when what it was given cannot be read. */
  public static int run(Object program, List<Supplier<Object>> commands, PrintWriter out, PrintWriter err, String... arguments) {
    return run(line(program, commands, out, err, arguments), arguments);
  }

  private static int run(CommandLine line, String... arguments) {
    if (arguments.length == 0) {
      line.usage(line.getOut());
      return UNREADABLE;
    }
    return line.execute(arguments);
  }

  private static String[] kinds() {
    List<String> kinds = new ArrayList<>(List.of("", Wording.text("cli.kinds")));
    OutputFormats.all()
        .forEach(f -> kinds.add("  " + String.join(" ", f.endings()) + " (" + f.contents().stream().map(Content::word)
        .collect(Collectors.joining(", ")) + ")"));
    return kinds.toArray(new String[0]);
  }

  /** What understands arguments: the one command that is named, as each takes a while to be read; all where none is. */
  private static CommandLine line(Object program, List<Supplier<Object>> known, PrintWriter out, PrintWriter err, String... arguments) {
    CommandLine line = new CommandLine(program);
    List<Object> commands = known.stream().map(Supplier::get).toList();
    Optional<Object> named = commands.stream()
        .filter(c -> arguments.length > 0 && c.getClass().getAnnotation(Command.class).name().equals(arguments[0])).findFirst();
    named.ifPresentOrElse(line::addSubcommand, () -> commands.forEach(line::addSubcommand));
    // settings reach the commands that are there
    line.setOut(out).setErr(err).setCaseInsensitiveEnumValuesAllowed(true);
    line.registerConverter(Double.class, Main::number);
    Optional.ofNullable(line.getSubcommands().get("make")).ifPresent(make -> make.getCommandSpec().usageMessage().footer(kinds()));
    line.setParameterExceptionHandler((e, args) -> {
      err.println(Wording.text("cli.badArguments", e.getMessage().lines().findFirst().orElse("")));
      return UNREADABLE;
    });
    line.setExecutionExceptionHandler((e, command, parsed) -> {
      err.println(Trouble.in(e).map(Trouble::getMessage).orElseGet(() -> Wording.text("cli.failed", String.valueOf(e.getMessage()))));
      return UNREADABLE;
    });
    return line;
  }
}
