package brightlintel.drawing;

/** @param handle as the file has it, in upper case; "" in files that have none. The ordinal counts entities as the file lists them. */
public record EntityKey(String handle, long ordinal) { }
