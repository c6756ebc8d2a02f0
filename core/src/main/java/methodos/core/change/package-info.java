/** What a film shows to have changed from before a step to after it. */
package methodos.core.change;
