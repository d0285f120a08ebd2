module brightlintel.bench { }
