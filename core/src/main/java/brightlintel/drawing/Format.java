package brightlintel.drawing;

/** What a file is, told from its content. */
public enum Format { DXF, DXF_BINARY, DWG, PDF, PNG, JPEG, PROJECT, UNKNOWN }
