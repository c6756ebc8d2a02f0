package methodos.core.bench;

import methodos.core.description.Id;
import methodos.core.description.Required;
import methodos.core.manual.Step;

/**
 * One time that a step is come to in a run.
 *
 * @param time which time it is, from 1: steps that are repeated are come to several times
 */
public record Visit(@Required Id<Step> step, @Required int time) {}
