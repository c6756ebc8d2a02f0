package methodos.desktop.seam;

import methodos.core.manual.Clip;

/** A time in a clip. */
record Moment(Clip clip, double time) {}
