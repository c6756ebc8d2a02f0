/** In which order and rounds the screws of a pattern are tightened. */
package methodos.core.tightening;
