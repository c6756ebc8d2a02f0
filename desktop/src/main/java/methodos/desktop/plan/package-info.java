/** The place Time: how long the work takes, who does what, and what waits for itself. */
package methodos.desktop.plan;
