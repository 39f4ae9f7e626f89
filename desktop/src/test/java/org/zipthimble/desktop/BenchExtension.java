package org.zipthimble.desktop;

import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.testfx.framework.junit5.ApplicationExtension;

/** Opens a window for each test and hands out the robot that does not sleep, one to all who ask: what one pressed another lets go. */
final class BenchExtension extends ApplicationExtension {
  private final QuickRobot robot = new QuickRobot();

  @Override
  public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
    return robot;
  }
}
