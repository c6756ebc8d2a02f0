/** Recognition of speech by a model that lies on the machine, in a process of its own. */
package methodos.footage.speech;
