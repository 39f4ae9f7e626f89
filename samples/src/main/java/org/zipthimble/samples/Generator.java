package org.zipthimble.samples;

import java.nio.file.Path;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.wording.Trouble;

/** Makes the demo jobs anew. The same program makes the same bytes. */
public final class Generator {
  private Generator() {}

  /**
   * Writes every demo job into a folder.
   *
   * @param arguments the folder
   */
  public static void main(String[] arguments) throws Trouble {
    Path folder = Path.of(arguments[0]);
    ThimbleFile.save(SwapInvitation.good(), folder.resolve("swap-invitation.thimble"));
    ThimbleFile.save(SwapInvitation.faulty(), folder.resolve("two-faults.thimble"));
  }
}
