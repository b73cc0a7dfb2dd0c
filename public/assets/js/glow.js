// Every page: the frame and its keys. A station's own script stands in stations/. Everything also works without any.
import './frame.js';
import './keeping.js';
import './keys.js';
import './wall.js';
