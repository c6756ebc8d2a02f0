/** What can be made again and is kept to save time, such as the scans of clips. */
package methodos.files.cache;
