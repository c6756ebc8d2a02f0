/** What is wrong with a project, a file or the disk, as a sentence for people. */
package methodos.files.problem;
