package org.zipthimble.desktop.sending;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.zipthimble.desktop.state.Session;

/** Starts the practice machines, each as a program of its own. */
final class PracticePrograms {
  private PracticePrograms() {}

  /**
   * Starts one.
   *
   * @param window the class of its window
   * @param port it listens on
   * @param log the name of a file for what it says
   */
  static void start(Session session, String window, int port, String log) throws IOException {
    String java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
    ProcessBuilder builder = new ProcessBuilder(java, "-Dsun.java2d.renderer.clip=false", "-p", System.getProperty("jdk.module.path", ""),
        "--add-modules", "org.zipthimble.practice", "-m",
        "org.zipthimble.practice/" + window, String.valueOf(port));
    Path file = Files.createDirectories(session.preferences().places().data()).resolve(log);
    builder.redirectErrorStream(true).redirectOutput(ProcessBuilder.Redirect.to(file.toFile()));
    builder.start();
  }
}
