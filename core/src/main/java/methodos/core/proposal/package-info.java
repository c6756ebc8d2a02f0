/** Figures drafted from what the film shows: where parts were seen, and what is proposed of it. */
package methodos.core.proposal;
