<?php

declare(strict_types=1);

// pages of other sites ask nothing of this server; programs that are no pages do
return ['paths' => []];
