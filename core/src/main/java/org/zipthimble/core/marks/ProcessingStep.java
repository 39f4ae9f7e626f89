package org.zipthimble.core.marks;

/**
 * A layer of marks that a machine works through after the print: the processing steps of ISO 19593-1.
 *
 * @param name what a person reads in the list of layers
 * @param group the standard's group, such as Structural
 * @param type the standard's type within the group, such as Cutting
 */
public record ProcessingStep(String name, String group, String type) {}
