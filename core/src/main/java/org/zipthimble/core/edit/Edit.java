package org.zipthimble.core.edit;

import java.util.function.UnaryOperator;
import org.zipthimble.core.job.Job;

/** A change to a job, with the words it is undone by. The function has no other effect. */
public record Edit(String label, UnaryOperator<Job> change) {}
