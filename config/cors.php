<?php

declare(strict_types=1);

// No page from elsewhere may read anything from here.
return ['paths' => []];
