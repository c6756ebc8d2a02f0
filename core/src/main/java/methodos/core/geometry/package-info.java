/** Points, ellipses and homographies on pictures, and the linear equations behind them. */
package methodos.core.geometry;
