/** Where this machine keeps settings, caches and logs. */
package methodos.files.folders;
