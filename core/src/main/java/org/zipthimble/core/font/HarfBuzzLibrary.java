package org.zipthimble.core.font;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.lwjgl.system.Configuration;
import org.lwjgl.system.Platform;
import org.lwjgl.system.linux.DynamicLinkLoader;
import org.lwjgl.util.harfbuzz.HarfBuzz;

/**
 * Loads the shaping library that ships with the program so that its own functions are found first. A window on Linux brings the system's
 * older library of the same name into the process for all to see, and a call that went to that one would end the program (seen here: a
 * fault in hb_font_funcs_destroy).
 */
final class HarfBuzzLibrary {
  /** Look up names in the library itself before anywhere else (RTLD_DEEPBIND of the GNU C library, dlfcn.h). */
  private static final int OWN_NAMES_FIRST = 0x8;

  private static final String NAME = "libharfbuzz.so";

  private HarfBuzzLibrary() {}

  /** Loads it, once; after the first time this does nothing. */
  static void load() {
    // the class is initialised once, and with it the library
    Loaded.touch();
  }

  private static final class Loaded {
    static {
      if (Platform.get() == Platform.LINUX) {
        byOwnNames();
      }
      HarfBuzz.getLibrary();
    }

    private Loaded() {}

    static void touch() {
      // to be here is enough
    }

    /** Lays the library down in a folder of its own, loads it, and takes the file away again: what is loaded needs it no more. */
    private static boolean from(Path where, byte[] bytes) throws IOException {
      Path folder = Files.createTempDirectory(where, ".zip-thimble-");
      Path library = Files.write(folder.resolve(NAME), bytes);
      long handle = DynamicLinkLoader.dlopen(library.toString(),
          DynamicLinkLoader.RTLD_NOW | DynamicLinkLoader.RTLD_LOCAL | OWN_NAMES_FIRST);
      if (handle != 0) {
        Configuration.HARFBUZZ_LIBRARY_NAME.set(library.toString());
        HarfBuzz.getLibrary();
      }
      Files.delete(library);
      Files.delete(folder);
      return handle != 0;
    }

    private static void byOwnNames() {
      String processor = Platform.getArchitecture() == Platform.Architecture.ARM64 ? "arm64" : "x64";
      try (InputStream in = HarfBuzz.class.getClassLoader().getResourceAsStream("linux/" + processor + "/org/lwjgl/harfbuzz/" + NAME)) {
        if (in == null) {
          throw new IllegalStateException("the shaping library is not in the program for this processor: " + processor);
        }
        byte[] bytes = in.readAllBytes();
        // folders for what is temporary may be closed to programs; one of the person's own then is not
        if (!from(Path.of(System.getProperty("java.io.tmpdir")), bytes) && !from(Path.of(System.getProperty("user.home")), bytes)) {
          throw new IllegalStateException("the shaping library cannot be loaded: " + DynamicLinkLoader.dlerror());
        }
      } catch (IOException e) {
        throw new UncheckedIOException("the shaping library cannot be laid down to be loaded", e);
      }
    }
  }
}
