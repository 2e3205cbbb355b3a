<?php

// No other origin may ask: the framework's default would let every one.
return ['paths' => []];
