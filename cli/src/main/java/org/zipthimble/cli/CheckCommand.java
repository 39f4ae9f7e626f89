package org.zipthimble.cli;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import org.zipthimble.core.check.Finding;
import org.zipthimble.core.check.all.Checks;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Prints the findings of jobs. */
@Command(name = "check", mixinStandardHelpOptions = true, versionProvider = Main.Version.class,
    description = "Says what would go wrong. Exits 0 when nothing would ruin a job, 1 when something would, 2 when a job cannot be read.")
final class CheckCommand implements Callable<Integer> {
  private static final int RUIN = 1;

  @Spec private CommandSpec spec;

  @Parameters(paramLabel = "JOB", arity = "1..*", description = "the .thimble files")
  private List<Path> jobs;

  @Option(names = "--rows", paramLabel = "FILE",
      description = "with a list in place of the jobs' own: rows that do not fit are told by name")
  private Path rows;

  @Option(names = "--json", description = "as JSON, for programs")
  private boolean json;

  @Override
  public Integer call() throws java.io.IOException {
    PrintWriter out = spec.commandLine().getOut();
    ArrayNode all = new ObjectMapper().createArrayNode();
    int code = 0;
    for (Path file : jobs) {
      ObjectNode node = all.addObject().put("job", file.toString());
      try {
        Job job = rows == null ? ThimbleFile.open(file) : Main.filled(ThimbleFile.open(file), rows);
        List<Finding> findings = Checks.run(job);
        describe(node, findings);
        if (!json) {
          print(out, file, job, findings);
        }
        code = Math.max(code, Checks.ruin(findings) ? RUIN : 0);
      } catch (Trouble e) {
        node.put("readable", false).put("trouble", e.getMessage());
        if (!json) {
          spec.commandLine().getErr().println(e.getMessage());
        }
        code = Main.UNREADABLE;
      }
    }
    if (json) {
      out.println(new ObjectMapper().writerWithDefaultPrettyPrinter().writeValueAsString(all));
    }
    return code;
  }

  private static void print(PrintWriter out, Path file, Job job, List<Finding> findings) {
    out.println(findings.isEmpty()
        ? Wording.text("cli.clean", file, job.name())
        : Wording.text("cli.found", findings.size(), file, job.name()));
    for (Finding finding : findings) {
      out.println("  " + Wording.of(finding.weight()) + ": " + finding.sentence());
      out.println("      " + finding.mend());
    }
  }

  private static void describe(ObjectNode node, List<Finding> findings) {
    node.put("readable", true);
    ArrayNode list = node.putArray("findings");
    for (Finding f : findings) {
      ObjectNode one = list.addObject().put("code", f.code()).put("weight", word(f)).put("face", f.faceId());
      f.itemId().ifPresent(id -> one.put("item", id));
      f.side().ifPresent(side -> one.put("side", side.name().toLowerCase(Locale.ROOT)));
      one.put("figure", f.figure()).put("limit", f.limit());
      one.putArray("where").add(f.where().x()).add(f.where().y()).add(f.where().width()).add(f.where().height());
      one.put("sentence", f.sentence()).put("mend", f.mend());
    }
  }

  private static String word(Finding finding) {
    return finding.weight().name().toLowerCase(Locale.ROOT);
  }
}
