/** What people have written of narrations, how the reader learns from it, and how well it reads. */
package methodos.training;
