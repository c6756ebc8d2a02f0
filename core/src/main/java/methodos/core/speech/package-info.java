/**
 * From captions to words and figures: what recognition of speech misheard, numbers and units as
 * people say them.
 */
package methodos.core.speech;
