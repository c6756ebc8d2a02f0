/** Controls that several places share: tables, typed cells, pick lists, choosing files. */
package methodos.desktop.control;
