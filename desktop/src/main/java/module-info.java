module brightlintel.desktop { }
