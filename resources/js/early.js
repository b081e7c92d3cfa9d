// What decides where things stand: run before anything is shown.
import { cards } from './cards.js';

cards();
