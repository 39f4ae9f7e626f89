package org.zipthimble.desktop;

import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.testfx.framework.junit5.ApplicationExtension;

/** Opens a window for each test and hands out the robot that does not sleep. */
final class BenchExtension extends ApplicationExtension {
  @Override
  public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
    return new QuickRobot();
  }
}
