/**
 * A project on the disk: the manual, its earlier states, stills and captions, written whole or not
 * at all, locked, migrated and checked when it comes from outside.
 */
package methodos.files.project;
