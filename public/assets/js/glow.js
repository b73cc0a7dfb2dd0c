// Every page: the frame and its keys. A station's own script stands in stations/. Everything also works without any.
import './frame.js';
import './outbox.js';
import './keeping.js';
import './beside.js';
import './held.js';
import './photos.js';
import './keys.js';
import './wall.js';
