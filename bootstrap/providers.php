<?php

return [];
