<!-- Nothing of its own: whichever view is asked for is put together in its frame. -->
