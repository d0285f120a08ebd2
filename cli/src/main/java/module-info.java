module brightlintel.cli { }
