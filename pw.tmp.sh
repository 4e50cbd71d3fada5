timeout 580 npx playwright test "$@" 2>&1 | grep -E "^\s+(\+|Error:)|✓|✘|passed|failed|^  [0-9]+\)" | cut -c1-600
