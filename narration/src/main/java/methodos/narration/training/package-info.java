/** What people have written of narrations, and how the reader learns from it. */
package methodos.narration.training;
