package methodos.training;

import methodos.core.narration.Captions;

/** A narration with what a careful writer makes of it. */
public record Narration(String name, Captions captions, Truth truth) {}
